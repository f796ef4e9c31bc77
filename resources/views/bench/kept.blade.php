@php($said = __('kept :time', ['time' => Moments::time($bench->card->updated_at)]))
<time id="kept" class="kept measure" datetime="{{ $bench->card->updated_at->toIso8601String() }}"
  data-revision="{{ $bench->card->head }}" data-undo="{{ $bench->card->canUndo() ? 1 : 0 }}"
  data-said="{{ $said }}" data-redo="{{ $bench->card->canRedo() ? 1 : 0 }}" @isset($swap) hx-swap-oob="true"
  @endisset>{{ $said }}</time>
