{{-- How many a list holds in all, in words: at once where its first page is all of it, else counted behind. --}}
@props(['list', 'from', 'none', 'words'])
@if ($list->hasPages())
  <span hx-get="{{ $from }}" hx-trigger="load">{{ trans_choice($words, 2, ['count' => 'Many']) }}</span>
@else
  <span>{{ $list->isEmpty() ? $none : trans_choice($words, $list->count()) }}</span>
@endif
