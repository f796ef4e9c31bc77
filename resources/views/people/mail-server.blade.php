<x-layouts.page title="Cards by the mail server" nav="people">
  <main id="main" class="desk account">
    <div class="desk-head">
      <h1>Cards by the mail server</h1>
      <p class="quiet">Everybody’s card, put into what they send by the firm’s own mail server.</p>
      <span class="ms-end"><a class="btn btn-line" href="{{ route('people') }}">Back to people</a></span>
    </div>
    <x-told />
    <div class="account-parts">
      <section aria-labelledby="server-on">
        <h2 id="server-on">{{ $workspace->stamping ? 'It is on' : 'It is off' }}</h2>
        <form method="post" action="{{ route('people.mail-server.keep') }}" class="stack">@csrf
          <label class="check"><input type="checkbox" name="stamping" value="1" @checked($workspace->stamping)> put
            cards
            into messages our mail server hands in</label>
          <fieldset class="field">
            <legend>Pictures</legend>
            <label class="check"><input type="radio" name="stamp_pictures" value="0"
                @checked(!$workspace->stamp_pictures)> are fetched by who reads</label>
            <label class="check"><input type="radio" name="stamp_pictures" value="1"
                @checked($workspace->stamp_pictures)> travel with each message, which makes it larger</label>
          </fieldset>
          <button class="btn btn-stamp">Keep it so</button>
        </form>
        <p class="help">The card stands behind what was written, above what is quoted: the one placed for the address,
          or else the person’s by their house card. It never stands there twice; an older one makes room. Signed,
          encrypted and automatic messages, invitations and mailings go on as they are, and so does everything in
          which its place is not sure.</p>
      </section>
      <section aria-labelledby="server-days">
        <h2 id="server-days">The last 30 days</h2>
        @if ($days === [])
          <p>No message has come in yet.</p>
        @else
          <ul class="rows">
            @foreach ($days as [$outcome, $messages])
              <li><span><span class="measure">{{ Number::format($messages) }}</span> {{ $outcome->words() }}
                  @if ($outcome->isTrouble())
                    <span class="chip chip-mend">look at it</span>
                  @endif
                </span></li>
            @endforeach
          </ul>
        @endif
        <form method="post" action="{{ route('people.mail-server.try') }}" enctype="multipart/form-data"
          class="stack">@csrf
          <div class="field"><label for="server-message">Try it with a message saved as a file</label>
            <input class="form-control" type="file" id="server-message" name="message" accept=".eml,message/rfc822"
              aria-describedby="error-message">
            <p class="field-error" id="error-message">{{ $errors->first('message') }}</p>
          </div>
          <button class="btn btn-line">Give it back with the card</button>
        </form>
      </section>
      <section aria-labelledby="server-how" class="wide">
        <h2 id="server-how">What to tell the mail server</h2>
        <p>{{ $serves ? 'The service answers on this machine.'
            : 'The service does not run on this machine now: without it, messages go on as they came.' }} It is started
          with the line below, and best kept by what keeps your other services; it puts in some 200 cards a second.</p>
        <pre class="code" tabindex="0" translate="no">php {{ base_path('artisan') }} inky:stamp --serve</pre>
        <details>
          <summary>Postfix</summary>
          <p>In <span class="measure" translate="no">master.cf</span>: the first line belongs to the service your people
            send by, such as <span class="measure" translate="no">submission</span>.</p>
          <pre class="code" tabindex="0" translate="no">submission inet n - y - - smtpd
  -o content_filter=inky-card:
inky-card unix - n n - 8 pipe
  flags=Rq user=nobody null_sender=
  argv={{ $filter }} {{ $postfix }} --then
    /usr/sbin/sendmail -G -i -f ${sender} -- ${recipient}</pre>
        </details>
        <details>
          <summary>Exim 4</summary>
          <p>In the transport your messages leave by:</p>
          <pre class="code" tabindex="0" translate="no">remote_smtp:
  driver = smtp
  transport_filter = {{ $filter }} {{ $exim }}</pre>
        </details>
        <p class="help">Sign with DKIM behind it: what is signed already goes on as it is. A fault lets the message
          go on unchanged and leaves a line in the mail log.</p>
      </section>
    </div>
  </main>
</x-layouts.page>
