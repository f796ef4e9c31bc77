@php($said = $one->said)
<div id="said" @if ($one->isSending()) hx-get="{{ route('campaign.said', $one->id) }}" hx-trigger="every 3s"
  hx-swap="outerHTML" @endif aria-live="polite">
<dl class="said">
  @foreach ($one->messages as $message)
    <dt>{{ $message->subject }}</dt>
    <dd class="measure">{{ $message->sent > 0 ? Number::format($message->sent,
        0) . ' sent' : Moments::day($message->day->iso, 'long') }}</dd>
  @endforeach
  @foreach (['left' => 'unsubscribed', 'bounced' => 'bounced', 'refused' => 'not taken',
      'unsure' => 'cut off while they were passed on; perhaps there, not sent again'] as $part => $words)
    @if ($said->$part > 0)
      <dt>{{ __($words) }}</dt>
      <dd class="measure">{{ Number::format($said->$part, 0) }}</dd>
    @endif
  @endforeach
</dl>
@if ($said->words !== '')
  <p class="field-error" role="status">{{ ucfirst($who) }} takes no more of it: {{ $said->words }}</p>
@endif
@if ($one->sender === 'stand-in')
  <p class="help"><a href="{{ route('tray') }}">The mail tray</a> has what was sent.</p>
@endif
</div>
