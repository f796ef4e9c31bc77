{{-- An edit of a card. Where scripts run, the bench takes it into its queue (edits.js): `live` as a whole whenever
  something in it changes, `part` that one value, `typed` with every key, `press` by its buttons; a form of its own
  posts
  it elsewhere. --}}
@props(['to', 'card', 'open' => null, 'back' => null, 'edit' => 'live'])
<form method="post" action="{{ $to }}" data-edit="{{ $edit }}" {{ $attributes }}>
  @csrf
  <input type="hidden" name="revision" value="{{ $card->head }}">
  @if ($open !== null)
    <input type="hidden" name="open" value="{{ $open }}">
  @endif
  @if ($back !== null)
    <input type="hidden" name="back" value="{{ $back }}">
  @endif
  {{ $slot }}
</form>
