@php($was = fn(string $key) => is_scalar($form[$key] ?? null) ? mb_scrub((string) $form[$key]) : '')
@php($chosen = fn(string $key) => array_map(strval(...),
    array_filter(is_array($form[$key] ?? null) ? $form[$key] : [], is_scalar(...))))
<details class="window" id="window" @if ($opens) open @endif>
  <summary>{{ $window === null ? 'Set a window' : $plan->name($window) }}</summary>
  @if ($window !== null)
    <img class="window-banner"
      src="{{ route('banner.picture', [$window->banner, 'v' => $plan->version($window)], false) }}"
      alt="">
  @endif
  @if ($choices->isEmpty())
    <p class="help">Make a banner first: a window says when it is due, and on whose cards.</p>
  @else
    <form method="post" action="{{ $stored === null ? route('windows.store') : route('window.update', $stored->id) }}"
      class="window-form">@csrf
      @include('banners.where')
      <label for="w-banner">Banner</label>
      <div><select class="form-select" id="w-banner" name="banner" aria-describedby="error-w-banner">
          @foreach ($choices as $choice)
            <option value="{{ $choice->id }}" @selected($was('banner') === (string) $choice->id)>
              {{ Str::limit($choice->banner()->name(), 50) }}</option>
          @endforeach
        </select>
        <p class="field-error" id="error-w-banner">{{ $refused['banner'] ?? '' }}</p>
      </div>
      @foreach (['from' => ['From', '00:00'], 'until' => ['Until', '24:00']] as $end => [$label, $usual])
        <label for="w-{{ $end }}">{{ __($label) }}</label>
        <div><span class="in-line"><input class="form-control" type="date" id="w-{{ $end }}"
              name="{{ $end }}" value="{{ $was($end) }}" aria-describedby="error-w-{{ $end }}"><input
              class="form-control window-time" name="{{ $end }}_time" value="{{ $was($end . '_time') }}"
              placeholder="{{ $usual }}" aria-label="{{ __($label) }}, time" autocomplete="off"></span>
          <p class="field-error" id="error-w-{{ $end }}">{{ $refused[$end] ?? '' }}</p>
        </div>
      @endforeach
      <span>For</span>
      <div>
        <label class="check"><input type="radio" name="for" value="everyone"
            @checked(!in_array($was('for'), ['labels', 'cards'], true))>
          everyone</label>
        @if ($labels !== [])
          <label class="check"><input type="radio" name="for" value="labels"
              @checked($was('for') === 'labels')> cards with a
            label</label>
          <span class="window-choice">
            @foreach ($labels as $label)
              <label class="check"><input type="checkbox" name="labels[]" value="{{ __($label) }}"
                  @checked(in_array($label, $chosen('labels'), true))> {{ __($label) }}</label>
            @endforeach
          </span>
        @endif
        <label class="check"><input type="radio" name="for" value="cards"
            @checked($was('for') === 'cards')> single cards</label>
        <select class="form-select window-choice" name="cards[]" multiple size="4" aria-label="Single cards">
          @foreach ($cards as $id => $name)
            <option value="{{ $id }}" @selected(in_array((string) $id, $chosen('cards'), true))>{{ $name }}</option>
          @endforeach
        </select>
        <p class="field-error">{{ $refused['for'] ?? ($refused['labels'] ?? '') }}</p>
      </div>
      <label for="w-priority">Priority</label>
      <div><span class="in-line"><input class="form-control window-time" type="number" min="0" max="9"
            id="w-priority" name="priority" value="{{ $was('priority') ?: 0 }}"> <label
            for="w-share">share</label>
          <input class="form-control window-time" type="number" min="1" max="100" id="w-share" name="share"
            value="{{ $was('share') ?: 1 }}"> <label for="w-sharing">of</label>
          <select class="form-select" id="w-sharing" name="sharing">
            <option value="cards">cards</option>
            <option value="days" @selected($was('sharing') === 'days')>days</option>
          </select><x-help topic="window.priority" /><x-help topic="window.share" /></span>
        <p class="help">Of several due at once the highest priority goes first. Equal ones share: cards, each of which
          keeps its banner, or days, on which all show the same.</p>
        <p class="field-error">{{ $refused['priority'] ?? ($refused['share'] ?? ($refused['sharing'] ?? '')) }}</p>
      </div>
      <span></span>
      <div class="in-line"><button class="btn btn-stamp">{{ $stored === null ? 'Set it' : 'Keep it' }}</button>
        @if ($stored !== null)
          <button class="btn btn-plain" formaction="{{ route('window.remove', $stored->id) }}">Take it away</button>
          <a class="btn btn-plain" href="{{ route('banner', (int) $window->banner) }}">Change the banner</a>
        @endif
      </div>
    </form>
  @endif
</details>
<details class="window-zone" @isset($refused['zone']) open @endisset>
  <summary class="help">Days begin and end in {{ str_replace('_', ' ', $clock) }}</summary>
  <form method="post" action="{{ route('banners.zone') }}" class="with-button">@csrf
    <input class="form-control" name="zone"
      value="{{ isset($refused['zone']) ? mb_scrub((string) request()->input('zone')) : $clock }}"
      list="zones" aria-label="Time zone" aria-describedby="error-zone" autocomplete="off" spellcheck="false"><button
      class="btn btn-line">Keep it</button>
    <datalist id="zones">
      @foreach (\DateTimeZone::listIdentifiers() as $zone)
        <option value="{{ $zone }}"></option>
      @endforeach
    </datalist>
  </form>
  <p class="field-error" id="error-zone">{{ $refused['zone'] ?? '' }}</p>
  <p class="help">Windows that are set keep their moments.</p>
</details>
