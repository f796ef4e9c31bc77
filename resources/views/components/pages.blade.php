@props(['list', 'before' => 'Newer', 'after' => 'Older'])
@if ($list->hasPages())
  <nav class="pages" aria-label="Pages">
    @if ($list->onFirstPage())
    <span class="quiet">{{ __($before) }}</span>@else<a href="{{ $list->previousPageUrl() }}"
        rel="prev">{{ __($before) }}</a>
    @endif
    <span class="measure">page {{ $list->currentPage() }}{{ method_exists($list, 'lastPage') ? ' of '
        . $list->lastPage() : '' }}</span>
    @if ($list->hasMorePages())
    <a href="{{ $list->nextPageUrl() }}" rel="next">{{ __($after) }}</a>@else<span
        class="quiet">{{ __($after) }}</span>
    @endif
  </nav>
@endif
