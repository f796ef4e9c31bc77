<x-layouts.page :title="$received->subject() ?: 'Message'" nav="tray">
  <x-slot:head>
    <script type="module" src="{{ asset('js/proof.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>{{ $received->subject() === '' ? '(no subject)' : $received->subject() }}</h1>
      <p class="quiet">{{ $received->from() }} to {{ $received->to() }}</p>
      <a class="btn btn-line ms-end" href="{{ route('tray.write', ['of' => $id, 'way' => 'reply']) }}">Reply</a>
      <a class="btn btn-line" href="{{ route('tray.write', ['of' => $id, 'way' => 'forward']) }}">Forward</a>
      <a class="btn btn-line" href="{{ route('tray') }}">Back to the tray</a>
    </div>
    @if ($verification)
      @php($verified = $verification->verified)
      <section class="verdict-box verdict-{{ $verified->verdict === 'verified' ? 'good' : 'look' }}"
        aria-label="Did it arrive">
        <h2>
          {{ __(['verified' => 'Verified', 'noted' => 'Arrived, and one thing to see to', 'look' => 'Arrived,
              and looks different', 'altered' => 'Arrived, and not as handed over', 'old' => 'An older revision',
              'plain' => 'Words alone', 'quoted' => 'In the quoted part alone', 'absent' =>
                  'No card of yours in it'][$verified->verdict]) }}
        </h2>
        <ul>
          @foreach ($verified->says() as $sentence)
            <li>{{ App\Words\Words::of($sentence) }}</li>
          @endforeach
        </ul>
        @if ($verified->verdict !== 'absent')
          <p class="help"><a
              href="{{ route('bench', $verification->card->id) }}">{{ $verification->card->name }}</a>, revision
            {{ $verified->revision }} of {{ $verification->card->head }}@if (! in_array($verified->verdict,
                ['verified', 'noted'], true))
              · <a href="{{ route('hand-over', $verification->card->id) }}">Hand it over again</a>
            @endif
          </p>
        @endif
      </section>
      @if (in_array($verified->verdict, ['look', 'altered', 'old'], true))
        <section class="pair tray-sides" aria-label="Side by side">
          @foreach (['handed-over' => 'As it was handed over', 'arrived' => 'As it arrived'] as $side => $label)
            <figure>
              <figcaption>{{ __($label) }}; what differs is outlined</figcaption>
              <div class="tray-frame"><iframe src="{{ route('tray.side', [$id, $side]) }}" title="{{ __($label) }}"
                  sandbox="allow-same-origin allow-popups"></iframe></div>
            </figure>
          @endforeach
        </section>
      @endif
    @endif
    @if ($footer)
      <section class="verdict-box verdict-{{ $footer->says === [] ? 'good' : 'look' }}" aria-label="Its footer">
        <h2>{{ $footer->says === [] ? 'Its footer is right' : 'Its footer, and what to see to' }}</h2>
        <ul>
          @foreach ($footer->says as $sentence)
            <li>{{ $sentence }}</li>
          @endforeach
        </ul>
        <p class="help"><a href="{{ route('footer', $footer->stored->id) }}">{{ $footer->stored->name }}</a>, revision
          {{ $footer->revision }} of {{ $footer->stored->head }}</p>
      </section>
    @endif
    <div class="tray-view">
      <form method="get" class="list-tools" data-goes><label for="as">As shown by</label> <select
          class="form-select" id="as">
          @foreach ($clients as $other)
            <option value="{{ route('tray.message', ['message' => $id, 'as' => $other->key]) }}"
              @selected($other->key === $client->key)>{{ __($other->label) }}</option>
          @endforeach
        </select>
      </form>
      <div class="tray-frame"><iframe src="{{ route('tray.reading', [$id, $client->key]) }}"
          title="The message as {{ Str::lower(__($client->label)) }} shows it"
          sandbox="allow-same-origin allow-popups"></iframe></div>
      <noscript>
        <ul>
          @foreach ($clients as $other)
            <li><a href="{{ route('tray.message', ['message' => $id, 'as' => $other->key]) }}">{{
                  __($other->label) }}</a>
            </li>
          @endforeach
        </ul>
      </noscript>
    </div>
    <details class="tray-more">
      <summary>Headers and parts</summary>
      <dl class="tray-headers">
        @foreach ($received->headers() as $name => $value)
          <div>
            <dt>{{ $name }}</dt>
            <dd class="measure">{{ Str::limit($value, 400) }}</dd>
          </div>
        @endforeach
      </dl>
      <div class="table-scroll">
        <table class="differences">
          <thead>
            <tr>
              <th scope="col">Part</th>
              <th scope="col">Name</th>
              <th scope="col">Size</th>
            </tr>
          </thead>
          <tbody>
            @foreach ($received->parts() as $part)
              <tr>
                <th scope="row">{{ $part['type'] }}</th>
                <td class="measure">{{ Str::limit($part['name'], 60) }}</td>
                <td class="measure">{{ Number::format($part['bytes'], 0) }} bytes</td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
    </details>
    <details class="tray-more">
      <summary>Source</summary>
      <pre tabindex="0">{{ $received->source(40_000) }}</pre>
      <p><a href="{{ route('tray.file', $id) }}" download>Take it as .eml</a></p>
    </details>
  </main>
</x-layouts.page>
