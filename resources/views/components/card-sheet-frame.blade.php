<div class="sheet card-sheet card-sheet-{{ $window }}"><iframe id="sheet" src="{{ $src }}" title="The card as sent"
    height="{{ $height }}" sandbox="allow-same-origin allow-popups"></iframe></div>
