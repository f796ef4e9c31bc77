{{-- How far an errand is, and what came of it. --}}
@php([$seen, $total] = $errand->progress())
<div class="told errand" role="status" @if ($errand->isOnItsWay()) hx-get="{{ route('errand.progress', $errand) }}"
  hx-trigger="every 1s" hx-target="this" hx-select="unset" hx-sync="this:replace" hx-swap="outerHTML" @endif>
  @if ($errand->isOnItsWay())
    <progress @if ($total > 0) max="{{ $total }}" value="{{ $seen }}" @endif
      aria-label="{{ $errand->kind->says() }}"></progress>
    <span class="measure">{{ $total > 0 ? __(':seen of :total', ['seen' => Number::format($seen, 0),
        'total' => Number::format($total, 0)]) : __('begins soon') }}</span>
  @else
    <span @class(['field-error' => $errand->state === 'refused'])>{{ App\Words\Words::of($errand->said()) }}</span>
    @if ($errand->state === 'ready' && $errand->kind->file() !== null)
      <a class="btn btn-stamp" href="{{ route('errand.file', $errand) }}" download>Take the file</a>
    @endif
  @endif
</div>
