<button id="give" class="btn btn-stamp" @disabled($page->isGivenOut) @if ($swap) hx-swap-oob="true" @endif
  >{{ $page->isGivenOut ? 'Revision ' . $page->stored->head . ' is out'
      : 'Give out revision ' . ($page->stored->head + 1) }}</button>
