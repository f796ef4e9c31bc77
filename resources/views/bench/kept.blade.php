@php($at = $bench->card->updated_at)
@php($said = __('kept :time', ['time' => Moments::time($at)]))
<time id="kept" class="kept measure" datetime="{{ $at->toIso8601String() }}"
  data-revision="{{ $bench->card->head }}" data-undo="{{ $bench->card->canUndo() ? 1 : 0 }}"
  data-said="{{ $said }}" data-redo="{{ $bench->card->canRedo() ? 1 : 0 }}" @isset($swap) hx-swap-oob="true"
  @endisset>{{ $said }}</time>
