{{-- Where the card is in use, and whether that is what it is now. --}}
@if ($use)
  <span @class(['in-use', 'in-use-old' => $use->isOff()])>{{ __($use->says()) }}
    @if ($use->old !== null)
      <a href="{{ route('history.compare', ['card' => $card->id, 'one' => $use->old, 'other' => $card->head]) }}"
        aria-label="What changed on {{ $card->name }}">What changed</a>
    @elseif ($use->over)
      <a href="{{ route('hand-over', $card->id) }}"
        aria-label="Hand {{ $card->name }} over again">Hand it over again</a>
    @endif
  </span>
@endif
