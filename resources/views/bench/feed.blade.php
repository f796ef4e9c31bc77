{{ $state?->words() }} @if ($asked && $state?->entry !== null)
  <a href="{{ route('bench', ['card' => $card->id, 'piece' => $piece]) }}">Show it on the card</a>
@endif
