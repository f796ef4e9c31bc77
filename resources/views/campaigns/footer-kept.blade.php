<h1 id="footer-called" @if ($swap) hx-swap-oob="true" @endif>{{ $page->footer->name }}</h1>
<p class="measure" id="kept" @if ($swap) hx-swap-oob="true" @endif data-number="{{ $page->stored->number }}">
  kept {{ Moments::time($page->stored->updated_at) }} ·
  @if ($page->stored->head === 0)
    not given out yet
  @elseif($page->isGivenOut)
    revision {{ $page->stored->head }}
  @else
    changed since revision {{ $page->stored->head }}
  @endif
</p>
