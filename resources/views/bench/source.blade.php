<div id="sheet-source" hidden data-revision="{{ $bench->card->head }}" data-html="{{ $bench->sheet }}"
  data-paper="{{ $bench->paper() }}" data-faces="{{ json_encode($bench->faces()) }}"
  @isset($swap) hx-swap-oob="true" @endisset></div>
@if (request()->input('dark') !== $bench->darkKey())
  <div id="dark-source" hidden data-key="{{ $bench->darkKey() }}" data-dark="{{ json_encode($bench->dark()) }}"
    @isset($swap) hx-swap-oob="true" @endisset></div>
@endif
