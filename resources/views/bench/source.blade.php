<div id="sheet-source" hidden data-html="{{ $bench->sheet }}" @isset($swap) hx-swap-oob="true" @endisset></div>
