@props(['list'])
@if($list->hasPages())
<nav class="pages" aria-label="Pages">
  @if($list->onFirstPage())<span class="quiet">Newer</span>@else<a href="{{ $list->previousPageUrl() }}" rel="prev">Newer</a>@endif
  <span class="measure">page {{ $list->currentPage() }} of {{ $list->lastPage() }}</span>
  @if($list->hasMorePages())<a href="{{ $list->nextPageUrl() }}" rel="next">Older</a>@else<span class="quiet">Older</span>@endif
</nav>
@endif
