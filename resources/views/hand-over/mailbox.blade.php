<x-layouts.page title="Put it in a mailbox" nav="cards">
  <main id="main" class="desk mailbox">
    <div class="desk-head">
      <h1>Put it in a mailbox</h1>
      <p class="quiet">{{ $card->name }}</p>
      <a class="btn btn-line ms-end" href="{{ route('hand-over', ['card' => $card->id, 'to' => 'jmap']) }}">Back</a>
    </div>
    @if (session('told'))
      <p class="told" role="status">{{ session('told') }}</p>
    @endif
    @if ($mailbox === null)
      <form method="post" action="{{ route('mailbox.open', $card->id) }}" class="stack narrow-form">@csrf
        <div><label for="server">Server of the mailbox</label><input class="form-control" id="server"
            name="server" inputmode="url" autocomplete="off"
            value="{{ is_string(request()->input('server')) ? mb_scrub(request()->input('server')) : '' }}"
            aria-describedby="error-server" @isset($refused['server']) aria-invalid="true" @endisset>
          <p @class([
              'help' => !isset($refused['server']),
              'field-error' => isset($refused['server']),
          ]) id="error-server">
            {{ $refused['server'] ?? ($standIn ? "A stand-in to try: $standIn[host]" :
                'Its host, or the address of its JMAP session.') }}
          </p>
        </div>
        <div><label for="token">Token</label><input class="form-control" id="token" name="token"
            type="password" autocomplete="off" aria-describedby="error-token"
            @isset($refused['token']) aria-invalid="true" @endisset>
          <p @class([
              'help' => !isset($refused['token']),
              'field-error' => isset($refused['token']),
          ]) id="error-token">
            {{ $refused['token'] ??
                'Made in the settings of your mailbox, for signatures alone. Forgotten when you sign out.'
                  . ($standIn ? " The stand-in's is $standIn[token]." : '') }}
          </p>
        </div>
        <button class="btn btn-stamp">Open the mailbox</button>
      </form>
    @else
      <p>
        @php($host = parse_url($mailbox->server, PHP_URL_HOST))
        {{ $host }}{{ $host === ($standIn['host'] ?? '') ? ', a stand-in,' : '' }}
        sends as {{ count($identities) === 1 ? 'one address' : count($identities) . ' addresses' }}. What is put here is
        under every new message and answer from the address; open ones keep what they have.</p>
      @isset($refused['identity'])
        <p class="field-error" role="alert">{{ $refused['identity'] }}</p>
      @endisset
      @if ($html === '')
        <p class="notes">Nothing on this card is filled in and shown, so there is nothing to put there yet. <x-to-bench
            :card="$card->id">Fill it in on the bench</x-to-bench></p>
      @endif
      <ul class="identities">
        @foreach ($identities as $identity)
          <li>
            <div><strong>{{ $identity->email }}</strong> <span class="quiet">{{ $identity->name }}</span>
              <p class="help">
                {{ match (true) {
                    $identity->html === $html && $html !== '' => 'This card is under it.',
                    $identity->text === '' && $identity->html === '' => 'Nothing is under it.',
                    default => 'Under it now: ' . Str::limit(trim($identity->text ?: strip_tags($identity->html)), 120),
                } }}
              </p>
            </div>
            <form method="post" action="{{ route('mailbox.place', $card->id) }}" class="way-buttons">@csrf<input
                type="hidden" name="identity" value="{{ $identity->id }}">
              @if ($html !== '' && $identity->html !== $html)
                <button class="btn btn-stamp" aria-label="Put the card here: {{ $identity->email }}">Put the card
                  here</button>
              @endif
              @if (in_array($identity->id, $before, true))
                <button class="btn btn-line" name="back" value="1"
                  aria-label="Put back what was here: {{ $identity->email }}">Put back what was here</button>
              @endif
            </form>
          </li>
        @endforeach
      </ul>
      <form method="post" action="{{ route('mailbox.close', $card->id) }}">@csrf<button class="btn btn-line">Close the
          mailbox</button></form>
    @endif
  </main>
</x-layouts.page>
