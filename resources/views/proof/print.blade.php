<x-layouts.page :title="'Proof sheet of ' . $card->name" nav="cards" class="print-page">
  <x-slot:head>
    <script type="module" src="{{ asset('js/proof.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk print">
    <div class="desk-head">
      <h1>Proof sheet</h1>
      <p class="quiet">{{ $card->name }}, revision {{ $card->head }}, {{ Moments::day(now(), 'long') }}</p>
      <p class="score ms-end"><b>{{ $proof->score() }}</b> <span>of 100</span></p>
      <button type="button" class="btn btn-stamp no-print" data-print>Print or save as PDF</button>
      <a class="btn btn-line no-print" href="{{ route('proof', $card->id) }}">Back to the proof</a>
    </div>
    <h2>Findings</h2>
    @forelse($proof->findings as $finding)
      <p class="finding finding-{{ $finding->severity->value }}"><span><b>{{ __($finding->title) }}</b>
          ({{ __($finding->severity->label()) }}). {{ __($finding->says) }}@if ($finding->clients)
            <span
              class="help">{{ implode(', ', array_map(fn($key) => $clients[$key]->label, $finding->clients)) }}</span>
          @endif
        </span>
      </p>@empty<p>None. {{ count($proof->passed) }} checks passed.</p>
      @endforelse
      <h2>As readers see it</h2>
      <ul class="wall-print">
        @foreach ($clients as $client)
          <li class="stand-in">
            <div class="stand-in-head"><span>{{ __($client->label) }}</span></div>
            <div class="reading"><iframe scrolling="no" data-width="{{ $client->width }}"
                src="{{ route('proof.reading', [$card->id, $client->key]) }}"
                title="As {{ Str::lower(__($client->label)) }} shows it" tabindex="-1"
                    sandbox="allow-same-origin"></iframe>
            </div>
          </li>
        @endforeach
      </ul>
      <h2>Before it goes out</h2>
      <ul class="walk">
        @foreach ($walk as $item)
          <li class="walk-{{ $item->known }}"><span class="tick">
              @if ($walked[$item->key] ?? false)
                <x-icon name="check-lg" />
              @endif
            </span>
            <span>{{ __($item->words) }}@if ($item->known === 'good')
                <span class="help">(the proof found nothing)</span>
              @endif
            </span>
          </li>
        @endforeach
      </ul>
    </main>
  </x-layouts.page>
