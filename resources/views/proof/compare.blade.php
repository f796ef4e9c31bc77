<x-layouts.page :title="$client->label . ': ' . $card->name" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/proof.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>{{ __($client->label) }}</h1>
      <p class="quiet">{{ $card->name }}, revision {{ $card->head }}</p>
      <form method="get" class="list-tools ms-end" data-goes><select class="form-select" aria-label="Stand-in"
          name="client">
          @foreach ($clients as $other)
            <option value="{{ route('proof.compare', [$card->id, $other->key]) }}" @selected($other->key ===
                $client->key)>
              {{ __($other->label) }}</option>
          @endforeach
        </select>
      </form>
      <a class="btn btn-line" href="{{ route('proof', $card->id) }}">Back to the proof</a>
    </div>
    <p class="quiet">{{ __($client->about) }}@if ($client->nearest !== '')
        Its facts come from the open data on {{ $client->nearest }}.
      @endif
    </p>
    <div class="split" data-split data-width="{{ $client->width }}">
      <div class="split-label"><label for="split">As sent at the left, as read at the right</label><input
          type="range" id="split" min="0" max="100" value="50" aria-describedby="split-help"><span
          id="split-help" class="help">Drag, or use the arrows.</span></div>
      <div class="split-frames">
        <iframe class="split-read"
          src="{{ route('proof.reading', ['card' => $card->id, 'client' => $client->key, 'outlined' => 1]) }}"
          title="As {{ Str::lower(__($client->label)) }} shows it" sandbox="allow-same-origin allow-popups"></iframe>
        <iframe class="split-sent"
          src="{{ route('proof.reading', ['card' => $card->id, 'client' => $client->key, 'original' => 1]) }}"
          title="As sent" tabindex="-1" sandbox="allow-same-origin"></iframe>
        <span class="split-line" aria-hidden="true"></span>
      </div>
    </div>
    <h2>What it changes</h2>
    @if ($reading->changes === [])
      <p>Nothing: its readers see the card as designed.</p>
    @else
      <div class="table-scroll">
        <table class="differences">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Piece</th>
              <th scope="col">As sent</th>
              <th scope="col">As read</th>
              <th scope="col">Where this is known from</th>
            </tr>
          </thead>
          <tbody>
            @foreach (collect($reading->changes)->sortByDesc(fn($change) => $change->harms) as $change)
              @php($pieces = array_filter(array_map(fn($id) => collect($proof->subject->card->pieces)->first(fn($piece)
                  => $piece->id === $id), array_filter(explode(' ', $change->piece)))))
              <tr @class(['change-harms' => $change->harms])>
                <th scope="row">{{ ucfirst(__($change->says)) }}@if ($change->harms)
                    <span class="visually-hidden">(readers miss something)</span>
                  @endif
                </th>
                <td>
                  @forelse($pieces as $piece)
                    <x-piece-link :card="$card->id" :piece="$piece" />
                    @if (!$loop->last)
                      ,
                    @endif @empty the whole
                  @endforelse
                </td>
                <td class="measure">{{ __($change->what) }} {{ $change->before }}@if ($change->times > 1)
                    ×{{ $change->times }}
                  @endif
                </td>
                <td class="measure">{{ $change->after === '' ? 'gone' : $change->after }}</td>
                <td class="help">{{ __($change->source->says()) }}</td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
    @endif
  </main>
</x-layouts.page>
