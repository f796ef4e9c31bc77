{{-- What went into the world, and what became of it; asked for again while something waits. --}}
<section id="outgoing" class="tray-outgoing" aria-labelledby="outgoing-title"
  @if ($outgoing->contains('state', 'waiting')) hx-get="{{ route('tray.outgoing') }}" hx-trigger="every 2s"
  hx-swap="outerHTML" @endif>
  <h2 id="outgoing-title">Sent into the world</h2>
  <ul class="changes">
    @foreach ($outgoing as $one)
      <li><time class="measure">{{ Moments::at($one->created_at, 'short') }}</time> <span>{{
          $one->subject }} to {{ $one->to }}</span> <span class="help" role="status">{{ ['waiting' => $one->words === ''
              ? 'on its way' : 'not taken yet, tried again: ' . $one->words, 'sent' => 'taken by the mail server',
              'refused' => 'refused: ' . $one->words][$one->state] }}</span>
        @if ($one->state === 'refused')
          <form method="post" action="{{ route('tray.again', $one->id) }}">@csrf<button class="btn-words"
              aria-label="Send {{ $one->subject }} to {{ $one->to }} again">Send again</button></form>
        @endif
      </li>
    @endforeach
  </ul>
</section>
