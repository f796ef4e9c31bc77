<x-layouts.page :title="'Proof of ' . $card->name" nav="cards" class="proof-page">
  <x-slot:head>
    <script type="module" src="{{ asset('js/proof.js') }}"></script>
  </x-slot:head>
  <main id="main" class="proof">
    <section class="proof-side" aria-label="What to mend">
      <div class="proof-head">
        <h1>{{ $card->name }}</h1><span class="measure">revision {{ $card->head }}</span>
      </div>
      @include('proof.mended')
      <p class="score"><b>{{ $proof->score() }}</b> <span>of 100. {{ $headline }}</span></p>
      <ol class="findings">
        @foreach ($proof->findings as $finding)
          <li class="finding finding-{{ $finding->severity->value }}">
            <div>
              <h2>{{ __($finding->title) }} <span
                  class="visually-hidden">({{ __($finding->severity->label()) }})</span></h2>
              <p>{{ __($finding->says) }}</p>
              @if ($finding->pieces !== [])
                <p class="help">
                  @foreach (array_slice($finding->pieces, 0, 4) as $id)
                    <x-piece-link :card="$card->id" :piece="$proof->subject->card->piece($id)" />@if (! $loop->last),
                    @endif
                  @endforeach
                </p>
              @endif
            </div>
            @if ($finding->mend && auth()->user()->can('make'))
              <form method="post" action="{{ route('proof.mend', $card->id) }}">
                @csrf
                <input type="hidden" name="revision" value="{{ $card->head }}">
                <button class="btn btn-line" name="finding" value="{{ $finding->id() }}"
                  aria-label="{{ __($finding->mend->label) }}: {{ __($finding->title) }}">{{
                        __($finding->mend->label) }}</button>
              </form>
            @endif
          </li>
        @endforeach
        <li class="finding finding-good">
          <details>
            <summary><b>{{ count($proof->passed) }} checks passed</b></summary>
            <p>{{ Str::lower(implode(', ', array_map(fn ($check) => __($check->title()), $proof->passed))) }}: none of
              these.</p>
          </details>
        </li>
        @foreach ($proof->blind as $why => $checks)
          <li class="finding">
            <details>
              <summary><b>{{ count($checks) }} not looked at</b>, because {{ __($why) }}</summary>
              <p>{{ Str::lower(implode(', ', array_map(fn ($check) => __($check->title()), $checks))) }}: not known.</p>
            </details>
          </li>
        @endforeach
      </ol>
      <h2 id="holds">Where it holds</h2>
      <div class="table-scroll holds-scroll" tabindex="0" role="region" aria-label="Where it holds">
        <table class="holds" aria-labelledby="holds">
          <tbody>
            @foreach ($proof->matrix() as $area => $row)
              <tr>
                <th scope="row">{{ __($areas[$area]) }}</th>
                @foreach ($row as $key => $finding)
                  @php($says = __($clients[$key]->label) . ': ' . __($finding->title ?? 'holds'))
                  <td class="hold-cell" title="{{ $says }}"><span
                      class="hold hold-{{ $finding->severity->value ?? 'good' }}"></span><span
                      class="visually-hidden">{{ $says }}</span></td>
                @endforeach
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <p class="proof-foot">
        @can('hand-over')
          <a class="btn btn-stamp" href="{{ route('hand-over', $card->id) }}">Hand over</a>
        @endcan
        @can('make')
          <a class="btn btn-line" href="{{ route('bench', $card->id) }}">Back to the bench</a>
        @endcan
        <a class="btn btn-line" href="{{ route('proof.print', $card->id) }}">Print</a></p>
      @can('make')
      <form method="post" action="{{ route('links.check', $card->id) }}" class="proof-links">
        @csrf
        <input type="hidden" name="back" value="proof">
        <button class="btn-words">Follow all links now</button>
        @php($verdicts = count($proof->subject->verdicts))
        <span class="help">{{ $verdicts === 0 ? 'not followed lately' : "$verdicts followed within a day" }}{{
            session('unfollowed') ? ', '.session('unfollowed').' left: follow once more' : '' }}</span>
      </form>
      @endcan
      @include('proof.walk')
    </section>
    <section class="wall" aria-label="As mail clients would show it">
      <p class="wall-note help">Stand-ins, described by rules; no mail client runs here. <label class="check"><input
            type="checkbox" id="outlined" checked> Outline what differs</label></p>
      <ul>
        @foreach ($tiles as $tile)
          @php($reading = [$card->id, $tile->client->key])
          @php($outlined = route('proof.reading', [...$reading, 'outlined' => 1, 'mark' => implode('.',
              $tile->marked)]))
          <li class="stand-in">
            <div class="stand-in-head"><a href="{{ route('proof.compare', $reading) }}">{{ __($tile->client->label)
                }}</a><span
                class="chip chip-{{ $tile->state }}">{{ $tile->words }}</span></div>
            <div class="reading"><noscript data-folded><iframe scrolling="no" data-width="{{ $tile->client->width }}"
                data-plain="{{ route('proof.reading', $reading) }}" data-outlined="{{ $outlined }}"
                src="{{ $outlined }}" title="As {{ Str::lower(__($tile->client->label)) }} shows it" tabindex="-1"
                loading="lazy" sandbox="allow-same-origin"></iframe></noscript></div>
          </li>
        @endforeach
      </ul>
    </section>
  </main>
</x-layouts.page>
