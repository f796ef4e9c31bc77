<x-layouts.page title="Two banners compared" nav="banners">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Two banners compared</h1>
      <p class="quiet">Both due {{ $from }} to {{ $until }}; so far {{ Number::format($compared->days, 1) }} days. Each
        card shows one of them, always the same.</p>
      <a class="btn btn-line ms-end" href="{{ route('banners') }}">Back to the plan</a>
    </div>
    @if (!$compared->isOne())
      <p class="told told-look">They are never due at once: there is nothing to compare.</p>
    @else
      <p class="verdict-line"><strong>{{ $compared->verdict() }}</strong></p>
      <div class="compared">
        @foreach ($compared->sides as $side)
          @php($made = $side['banner']->banner())
          <section>
            <img
              src="{{ route('banner.picture', [$side['banner']->id, 'v' => $side['banner']->version()], false) }}"
              alt="" width="{{ $made->size->width }}" height="{{ $made->size->height }}">
            <h2><a href="{{ route('banner', $side['banner']->id) }}">{{ $made->name() }}</a></h2>
            <dl class="compared-figures">
              <div>
                <dt>Visitors</dt>
                <dd>{{ $side['visitors'] }}</dd>
              </div>
              <div>
                <dt>Clicks</dt>
                <dd>{{ $side['clicks'] }}</dd>
              </div>
              <div>
                <dt>Cards</dt>
                <dd>{{ $side['cards'] }}</dd>
              </div>
              <div>
                <dt>A card and day</dt>
                <dd>{{ $side['cards'] * $compared->days > 0
                    ? Number::format($side['visitors'] / ($side['cards'] * $compared->days), 2) : '–' }}
                </dd>
              </div>
            </dl>
          </section>
        @endforeach
      </div>
      @php([$least, $most] = $compared->comparison->interval())
      <p>Visitors of the first by those of the second, per card and day:
        <strong>{{ $compared->comparison->ratio() === null ? 'not to be said yet'
            : Number::format($compared->comparison->ratio(), 2) }}</strong>,
        between {{ Number::format($least, 2) }} and {{ is_infinite($most) ? 'any number' : Number::format($most, 2) }}
        with 95 %.
      </p>
      <p class="help">The interval is a confidence sequence by the method of mixtures (Robbins 1970): it stays true
        however often you look, so nothing wins by being looked at. Visitors are counted once a day;
        programs that follow links are left out.</p>
    @endif
  </main>
</x-layouts.page>
