{{-- Where the card is in use, and whether that is what it is now. --}}
@if ($use)
  <span @class(['in-use', 'in-use-old' => $use->old !== null])>{{ $use->says() }}
    @if ($use->old !== null)
      <a href="{{ route('history.compare', ['card' => $card->id, 'one' => $use->old, 'other' => $card->head]) }}"
        aria-label="What changed on {{ $card->name }}">What changed</a>
    @endif
  </span>
@endif
