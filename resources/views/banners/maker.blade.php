@php($refused = $maker->refused)
@php($was = fn(string $field, string $kept) => isset($refused[$field]) && is_string(request()->input($field)) ?
    mb_scrub(request()->input($field)) : $kept)
<x-layouts.page title="{{ $banner->name() }}" nav="banners" class="bench-page">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/banner.js') }}"></script>
  </x-slot:head>
  <main id="main" class="maker">
    <form method="post" id="maker" action="{{ route('banner.keep', $stored->id) }}" class="maker-words"
      enctype="multipart/form-data" hx-post="{{ route('banner.keep', $stored->id) }}" hx-target="#shown"
      hx-swap="outerHTML" hx-trigger="input delay:5ms, change, submit" hx-sync="this:queue last"
      hx-encoding="multipart/form-data">
      @csrf
      <input type="hidden" name="number" value="{{ $stored->number }}">
      <div class="maker-head">
        @include('banners.kept')
      </div>
      @if (session('told'))
        <p class="told" role="status">{{ session('told') }} @if (session('carried'))
            Cards taken with pictures inside keep what they had: <a href="{{ route('banners.carried') }}">see who</a>.
          @endif
        </p>
      @endif
      @unless ($banner->isPicture())
        @foreach (['headline' => ['Headline', 'Open garden day, 22 May'],
            'line' => ['Line', 'Come and walk it with us.'],
            'call' => ['Call', 'Save the day']] as $field => [$label, $example])
          <div class="field">
            <label for="banner-{{ $field }}">{{ __($label) }}</label>
            <input class="form-control" id="banner-{{ $field }}" name="{{ $field }}"
              value="{{ $was($field, $banner->$field) }}" placeholder="for example {{ $example }}" autocomplete="off"
              aria-describedby="error-{{ $field }}">
            <p class="field-error" id="error-{{ $field }}">{{ $refused[$field] ?? '' }}</p>
          </div>
        @endforeach
      @endunless
      <div class="field">
        <label for="banner-address">Leads to</label>
        <input class="form-control" id="banner-address" name="address" inputmode="url"
          value="{{ $was('address', $banner->address ?? '') }}" placeholder="for example quillfern.example/open-garden"
          autocomplete="off" spellcheck="false" aria-describedby="error-address">
        <p class="field-error" id="error-address">{{ $refused['address'] ?? '' }}</p>
      </div>
      <div class="field">
        <label for="banner-size">Size</label>
        <select class="form-select" id="banner-size" name="size">
          @foreach ($sizes as $name => [$label, $width, $height])
            <option value="{{ $name }}" @selected($banner->size->name() === $name)>{{ __($label) }},
              {{ $width }} × {{ $height }} px</option>
          @endforeach
          <option value="" @selected($banner->size->name() === null)>A size of its own</option>
        </select>
        <div class="size-own">
          <input class="form-control" type="number" name="width" min="120" max="600"
            value="{{ $was('width', (string) $banner->size->width) }}" aria-label="Width, pixels"
            aria-describedby="error-width"> ×
          <input class="form-control" type="number" name="height" min="40" max="300"
            value="{{ $was('height', (string) $banner->size->height) }}" aria-label="Height, pixels"
            aria-describedby="error-width"> px
        </div>
        <p class="field-error" id="error-width">{{ $refused['width'] ?? ($refused['height'] ?? '') }}</p>
      </div>
      <div class="field">
        <label for="banner-picture">Picture</label>
        <select class="form-select" id="banner-picture" name="picture">
          @unless ($banner->isPicture())
            <option value="">None</option>
          @endunless
          @if ($banner->picture !== null && !isset($pictures[$banner->picture]))
            <option value="{{ $banner->picture }}" selected>The one it has</option>
          @endif
          @foreach ($pictures as $ref => $name)
            <option value="{{ $ref }}" @selected($banner->picture === $ref)>{{ $name }}</option>
          @endforeach
        </select>
        <details class="more-symbols">
          <summary>Bring another in</summary>
          <input class="form-control" type="file" name="file" aria-label="A picture from this machine"
            accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml" aria-describedby="error-picture">
          <p class="help">Best {{ 2 * $banner->size->width }} × {{ 2 * $banner->size->height }} px or more. Its focal
            point is set under <a href="{{ route('pictures') }}">Pictures</a>.</p>
        </details>
        <p class="field-error" id="error-picture">{{ $refused['file'] ?? ($refused['picture'] ?? '') }}</p>
      </div>
      @unless ($banner->isPicture())
        <fieldset class="field">
          <legend>Drawing</legend>
          <div class="pictured drawings">
            @foreach ($drawings as $key => $label)
              <label title="{{ __($label) }}"><input type="radio" name="drawing" value="{{ $key }}"
                  aria-label="{{ __($label) }}" @checked(($banner->drawing ?: 'sprig') === $key)><span
                      class="glyph"><svg
                    viewBox="0 0 64 64" width="20" height="20" aria-hidden="true">
                    <use href="{{ route('banners.drawings', [], false) }}#{{ $key }}" />
                  </svg></span></label>
            @endforeach
          </div>
        </fieldset>
        <fieldset class="field">
          <legend>Inks</legend>
          <div class="maker-inks">
            @foreach ($roles as $role => $label)
              <label><input type="color" name="inks[{{ $role }}]"
                  value="{{ $banner->inks->inks[$role]->hex }}"> {{ __($label) }}</label>
            @endforeach
          </div>
        </fieldset>
        <div class="field">
          <label for="banner-typeface">Typeface</label>
          <select class="form-select" id="banner-typeface" name="typeface">
            @foreach ($typefaces as $face)
              <option value="{{ $face->key }}" @selected($banner->typeface->key === $face->key)>{{ $face->name() }}
              </option>
            @endforeach
          </select>
        </div>
      @endunless
      <div class="field">
        <label for="banner-alt">Read aloud as</label>
        <input class="form-control" id="banner-alt" name="alt" value="{{ $was('alt', $banner->toArray()['alt']) }}"
          placeholder="{{ $banner->alt() }}" autocomplete="off" aria-describedby="error-alt">
        <p class="field-error" id="error-alt">{{ $refused['alt'] ?? '' }}</p>
      </div>
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </form>
    <section class="maker-stage" aria-label="As readers get it" tabindex="0">
      <div class="maker-page">
        <p class="quiet">As readers get
          it{{ $card === null ? '' : ', in the card of ' }}@if ($card !== null)
            <strong>{{ $card->name }}</strong>
          @endif
        </p>
        <div class="maker-sheet">
          @if ($card !== null)
            <img class="maker-card" src="{{ route('drawing', [$card->id, $card->head], false) }}" alt="">
          @endif
          @include('banners.shown')
        </div>
      </div>
    </section>
    <aside class="maker-designs" aria-label="Designs" id="designs" hx-get="{{ route('banner.designs', $stored->id) }}"
      hx-trigger="load, drawn from:body delay:700ms" hx-sync="this:replace" hx-swap="innerHTML">
      <h2>In every design <span class="quiet">best first</span></h2>
    </aside>
    <div class="maker-foot">
      @if ($stored->before !== null)
        <form method="post" action="{{ route('banner.undo', $stored->id) }}" class="inline">@csrf<input type="hidden"
            name="number" value="{{ $stored->number }}"><button class="btn btn-plain">Undo</button></form>
      @endif
      <form method="post" action="{{ route('banner.copy', $stored->id) }}" class="inline">@csrf<button
          class="btn btn-plain">Copy</button></form>
      <form method="post" action="{{ route('banner.remove', $stored->id) }}" class="inline">@csrf<button
          class="btn btn-plain">Remove</button></form>
      <a class="btn btn-plain" href="{{ route('banner.picture', $stored->id) }}" download="banner">Take the picture</a>
      <form method="post" action="{{ route('banner.evergreen', $stored->id) }}" class="inline">@csrf<button
          class="btn btn-plain"
          aria-pressed="{{ $workspace->evergreen_id === $stored->id ? 'true' : 'false' }}">{{
              $workspace->evergreen_id === $stored->id ? 'Evergreen no more'
              : 'Make it the evergreen one' }}</button></form><x-help topic="evergreen" />
      <a class="btn btn-line" href="{{ route('banners', ['for-banner' => $stored->id]) }}#window">When and where</a>
      <form method="post" action="{{ route('banner.put', $stored->id) }}" class="inline ms-end">
        @csrf<button class="btn btn-stamp"
          title="Places where it is due show it as it is now">Put it out</button></form>
    </div>
  </main>
</x-layouts.page>
