<x-layouts.page title="Occasions" nav="banners">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Occasions</h1>
      <p class="quiet">Days people promote for in {{ __($called) }}. Choose one, and a banner begins with its words,
          drawing
        and days.</p>
      <form method="get" class="list-tools ms-end" data-at-once><select class="form-select" name="year"
          aria-label="Year">
          <option value="">The next twelve months</option>
          @foreach ($years as $one)
            <option @selected($one === $year)>{{ $one }}</option>
          @endforeach
        </select><select class="form-select" name="country" aria-label="Country">
          @foreach ($countries as $code => $name)
            <option value="{{ $code }}" @selected($code === $country)>{{ $name }}</option>
          @endforeach
        </select><noscript><button class="btn btn-line">Show</button></noscript></form>
    </div>
    <ul class="occasions">
      @foreach ($list as $one)
        <li class="occasion">
          <svg viewBox="0 0 64 64" width="36" height="36" aria-hidden="true">
            <use href="{{ route('banners.drawings', [], false) }}#{{ $one['drawing'] }}" />
          </svg>
          <span><strong>{{ __($one['label']) }}</strong><br><span class="quiet">{{ $one['words'] }}</span></span>
          <form method="post" action="{{ route('occasions.begin') }}">@csrf<input type="hidden" name="occasion"
              value="{{ $one['key'] }}"><input type="hidden" name="day" value="{{ $one['day'] }}"><button
              class="btn btn-line" aria-label="Begin a banner for {{ __($one['label']) }}">Begin</button></form>
          <span class="help">{{ __($one['source']) }}</span>
        </li>
      @endforeach
    </ul>
    <section class="own-days">
      <h2>Your own days</h2>
      <p class="help">An anniversary, a sale, a day your trade keeps: it comes back every year.</p>
      <ul>
        @foreach ($own as $day)
          <li>{{ $day['name'] }}, {{ $day['words'] }}
            <form method="post" action="{{ route('occasions.begin') }}" class="inline">@csrf<input type="hidden"
                name="own" value="{{ $day['id'] }}"><button class="btn-words">Begin a banner</button></form>
            <form method="post" action="{{ route('occasions.drop', $day['id']) }}" class="inline">@csrf<button
                class="btn-words">Remove</button></form>
          </li>
        @endforeach
      </ul>
      <form method="post" action="{{ route('occasions.own') }}" class="with-button">@csrf<label
          for="own-name">Called</label><input class="form-control" id="own-name" name="name" value="{{ old('name') }}"
          autocomplete="off" aria-describedby="error-own"><label for="own-day">Day</label><input class="form-control"
          type="date" id="own-day" name="day" value="{{ old('day') }}" aria-describedby="error-own"><button
          class="btn btn-line">Keep it</button></form>
      <p class="field-error" id="error-own">{{ $errors->first('own') }}</p>
    </section>
  </main>
</x-layouts.page>
