<div id="sheet-source" hidden data-revision="{{ $bench->card->head }}" data-html="{{ $bench->sheet }}" @isset($swap) hx-swap-oob="true" @endisset></div>
