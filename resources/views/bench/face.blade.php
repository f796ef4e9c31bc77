@php($value = $piece->summary())
<span id="face-{{ $piece->id }}" class="face" @isset($swap) hx-swap-oob="true" @endisset>
  <span @class(['kind', 'visually-hidden' => $value !== '' && $piece->zone->value === 'text'])
    >{{ Str::lower(__($piece->kind->label())) }}</span>
  @if ($value === '')
    <span class="blank">blank</span>
  @else
    <span class="value">{{ $value }}</span>
  @endif
  @if ($piece->filledBy->value === 'us')
    <span class="lock" title="Locked: the same on every card of the team"><x-icon name="lock" /><span
        class="visually-hidden">locked</span></span>
  @endif
  @if ($piece->shown && $bench->document->absence($piece) !== '')
    <span class="flag flag-absent" title="{{ $bench->document->absence($piece) }}"
      >{{ $bench->document->hasEnded($piece) ? 'ended' : ($bench->document->isAhead($piece) ? 'not yet' : 'incomplete')
          }}</span>
  @endif
  @if ($piece->samples() !== [])
    <span class="flag" title="A made-up value of the starter: put your own in, or hide it">sample</span>
  @endif
</span>
