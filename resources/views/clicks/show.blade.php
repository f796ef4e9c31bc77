@php($query = array_filter(['days' => $days, 'by' => $way, 'card' => $card?->id, 'person' => $person]))
@php($first = array_key_first($series->days))
@php($last = array_key_last($series->days))
<x-layouts.page title="Clicks" nav="clicks">
  @if ($behind)
    <x-slot:head>
      <x-htmx-config />
      <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    </x-slot:head>
  @endif
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Clicks</h1>
      <p class="quiet">Clicks of counted
        links{{ $card ? ' of ' . $card->name : '' }}{{ $person === '' ? '' : " of $name" }}@if ($card || $person !== '')
          . <a href="{{ route('clicks', ['days' => $days, 'by' => $way]) }}">Show all</a>
        @endif
      </p>
      <form method="get" class="list-tools ms-end" data-at-once>
        @if ($card)
          <input type="hidden" name="card" value="{{ $card->id }}">
        @endif
        @if ($person !== '')
          <input type="hidden" name="person" value="{{ $person }}">
        @endif
        <select class="form-select" name="by" aria-label="Told apart by">
          @foreach ($ways as $key => $label)
            <option value="{{ $key }}" @selected($way === $key)>By {{ Str::lower($label) }}</option>
          @endforeach
        </select>
        <select class="form-select" name="days" aria-label="How far back">
          @foreach ($choices as $key => $label)
            <option value="{{ $key }}" @selected($days === $key)>{{ __($label) }}</option>
          @endforeach
        </select>
        <noscript><button class="btn btn-line">Show</button></noscript>
      </form>
      <a class="btn btn-line" href="{{ route('clicks.file', $query) }}">CSV file</a>
    </div>
    @if (! $counted)
      <div class="empty">
        <h2>No card counts its clicks yet</h2>
        <p>Open a card, then Links, and choose Count clicks. From its next handing over on, what is clicked stands
          here.</p><a class="btn btn-line" href="{{ route('cards') }}">To the cards</a>
      </div>
    @else
      <dl class="figures">
        <div>
          <dt>Clicks</dt>
          <dd>{{ Number::format($totals['clicks'], 0) }}</dd>
        </div>
        <div>
          <dt>Visitors</dt>
          <dd>{{ Number::format($totals['visitors'], 0) }}</dd>
        </div>
        <div>
          <dt>Most on a day</dt>
          <dd>{{ Number::format($series->most(), 0) }}</dd>
        </div>
        <div>
          <dt>Kept apart: programs</dt>
          <dd>{{ Number::format($totals['machines'], 0) }}</dd>
        </div>
      </dl>
      <figure class="series">
        <svg viewBox="0 -8 1000 136" role="img"
          aria-label="Clicks by day, {{ $first }} to {{ $last }}: {{ $series->total() }} in all, at most {{
              $series->most() }} a day"
          preserveAspectRatio="none">
          <path class="series-floor" d="M0 120H1000M0 60H1000M0 0H1000" />
          <path class="series-area" d="{{ $series->path(1000, 120) }}L1000 120L0 120Z" />
          <path class="series-line" d="{{ $series->path(1000, 120) }}" />
        </svg>
        <figcaption><span class="measure">{{ Moments::day($first, 'short') }}</span><span
            class="measure">most: {{ $series->most() }} a day</span><span
            class="measure">{{ Moments::day($last) }}</span></figcaption>
      </figure>
      <div class="table-scroll" tabindex="0" role="region" aria-label="What was clicked">
      <table class="differences clicks-table">
        <caption class="visually-hidden">Clicks by {{ Str::lower($ways[$way]) }}</caption>
        <thead>
          <tr>
            @if ($way === 'piece')
              <th scope="col">What was clicked</th>
            <th scope="col">Card</th>@else<th scope="col">{{ $ways[$way] }}</th>
              @endif @if ($way !== 'day')
                <th scope="col" class="spark-column">Day by day</th>
              @endif
              <th scope="col" class="figure">
                Clicks</th>
              <th scope="col" class="figure">Visitors</th>
              @if ($way !== 'day')
                <th scope="col" class="figure">Latest</th>
              @endif
          </tr>
        </thead>
        <tbody>
          @php($most = max(1, ...array_map(fn($line) => $line->most(), array_values($lines) ?: [$series])))
          @forelse($rows as $row)
            @php($line = $lines[$lineOf($row)] ?? null)
            <tr>
              @if ($way === 'piece')
                <th scope="row">{{ $row->words }} <span class="quiet">{{ __($kinds[$row->kind] ?? $row->kind) }}</span>
                </th>
                <td><a href="{{ route('clicks', ['card' => $row->card_id] + $query) }}">{{ $row->name }}</a></td>
              @elseif($way === 'card')
                <th scope="row"><a
                    href="{{ route('clicks', ['card' => $row->card_id, 'by' => 'piece'] + $query) }}">{{ $row->name
                        }}</a>
                </th>
              @elseif($way === 'banner')
                <th scope="row">
                  @if (isset($banners[(int) $row->banner_id]))
                    <a href="{{ route('banner', (int) $row->banner_id) }}">{{ $banners[(int) $row->banner_id] }}</a>
                  @else
                    <span class="quiet">no banner: calls, links and marks</span>
                  @endif
                </th>
              @elseif($way === 'person')
                <th scope="row">
                  @if (($row->person ?? '') === '')
                  <span class="quiet">nobody named</span>@else<a
                      href="{{ route('clicks', ['person' => $row->person_id, 'by' => 'piece'] + $query) }}">{{
                          $row->person }}</a>
                  @endif
                </th>
              @else<th scope="row">{{ Moments::day($row->day, 'full') }}</th>
              @endif
              @if ($way !== 'day')
                <td class="spark-column"><span id="line-{{ $loop->index }}">
                    @if ($line)
                      <x-spark :line="$line" :most="$most" />
                    @endif
                  </span></td>
              @endif
              <td class="figure">{{ Number::format($row->clicks, 0) }}</td>
              <td class="figure">{{ Number::format($row->visitors, 0) }}</td>
              @if ($way !== 'day')
                <td class="figure measure">{{ Moments::day($row->latest, 'short') }}</td>
              @endif
            </tr>
          @empty
            <tr>
              <td colspan="6">Nothing was clicked in these days.</td>
            </tr>
          @endforelse
        </tbody>
      </table>
      </div>
      @if ($behind)
        <div hx-get="{{ route('clicks.lines', $query + ['page' => $rows->currentPage()]) }}" hx-trigger="load"
          hx-swap="none"></div>
      @endif
      <x-pages :list="$rows" />
      <p class="help">Visitors are told apart within a day only, by a mark whose salt is forgotten after it: no
        cookies, no addresses kept. Programs that follow links by themselves are told by what they say of themselves and
        kept apart.</p>
    @endif
  </main>
</x-layouts.page>
