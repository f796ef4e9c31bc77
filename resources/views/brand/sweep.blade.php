{{-- A change of many cards; while it is on its way, how far it is. What has the focus keeps it by its id. --}}
<li @if ($sweep->isOnItsWay()) hx-get="{{ route('sweep', $sweep->id) }}" hx-trigger="every 1s" hx-target="this"
  hx-select="unset" hx-sync="this:replace" hx-swap="outerHTML" @endif>
  <time class="measure"
      datetime="{{ $sweep->created_at->toIso8601String() }}">{{ Moments::at($sweep->created_at) }}</time>
  <span @class(['taken-back' => $sweep->undone_at])>{{ $sweep->words }}</span>
  @if ($sweep->isOnItsWay())
    <span class="sweep-way" role="status"><progress max="{{ max(1, $sweep->total) }}"
        value="{{ $sweep->seen }}"></progress> <span class="measure">{{ Number::format($sweep->seen, 0) }} of {{
        Number::format($sweep->total, 0) }}</span></span>
  @else
    <span class="measure">{{ trans_choice(':count card|:count cards', $sweep->cards) }}</span>
  @endif
  @if ($sweep->undone_at)
    <span class="help">{{ $sweep->isOnItsWay() ? 'being taken back' : 'taken back' }}</span>
  @elseif($sweep->isNewest())
    <form method="post" action="{{ route('sweep.undo', $sweep->id) }}">@csrf<button id="take-back-{{ $sweep->id }}"
        class="btn btn-plain">Take
        back</button></form>
  @endif
</li>
