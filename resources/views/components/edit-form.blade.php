{{-- An edit of a card: posted by htmx as it is made, by a button where no script runs. --}}
@props(['to', 'card', 'open' => null, 'back' => null, 'live' => true])
<form method="post" action="{{ $to }}" hx-post="{{ $to }}" @if ($live) hx-trigger="change, submit" @endif
  hx-swap="none" hx-sync="#main:queue all" {{ $attributes }}>
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
