@php($purposes = ['body' => 'text', 'accent' => 'calls, bands, what draws the eye', 'quiet' =>
    'second lines, small print', 'link' => 'links, marks, names', 'paper' => 'the page, words on buttons'])
<section id="inks" class="brand-part" aria-labelledby="inks-title">
  <h2 id="inks-title">Inks</h2>
  <p class="help">As #2f5d3a, rgb(), hsl(), oklch() or a CSS name. One changed here changes every card that uses its
    role; you see which first.</p>
  @if ($taken)
    <ul class="taken" aria-label="Colours found">
      @foreach ($taken['colours'] as $colour)
        <li><svg viewBox="0 0 20 20" aria-hidden="true">
            <rect width="20" height="20" rx="3" fill="{{ $colour->hex }}" />
          </svg><span class="measure">{{ $colour->hex }}</span></li>
      @endforeach
    </ul>
    <datalist id="taken">
      @foreach ($taken['colours'] as $colour)
        <option value="{{ $colour->hex }}">
      @endforeach
    </datalist>
    @if ($taken['not'] !== [])
      <p class="help">Not understood: {{ implode(' · ', array_slice($taken['not'], 0, 6)) }}</p>
    @endif
    <form method="post" action="{{ route('brand.keep', 'inks') }}" class="proposal"
      hx-post="{{ route('brand.keep', 'inks') }}">
      @include('brand.hidden')
      @foreach ($taken['inks'] as $role => $ink)
        <input type="hidden" name="inks[{{ $role }}]" value="{{ $ink->hex }}">
      @endforeach
      <svg viewBox="0 0 130 22" aria-hidden="true">
        @foreach (array_values($taken['inks']) as $n => $ink)
          <rect x="{{ 26 * $n }}" y="0" width="24" height="22" rx="3" fill="{{ $ink->hex }}"
            stroke="#8d8a80" stroke-width=".6" />
        @endforeach
      </svg>
      <button class="btn btn-line">Use these five</button>
      <span class="help">
        @foreach ($taken['inks'] as $role => $ink)
          {{ $role }} {{ $ink->hex }}@if (!$loop->last)
            ,
          @endif
        @endforeach
      </span>
    </form>
  @endif
  @foreach ($roles as $role)
    @php($hex = $document['inks'][$role->value])
    <form method="post" action="{{ route('brand.keep', 'inks') }}" class="ink-row"
      hx-post="{{ route('brand.keep', 'inks') }}" hx-trigger="change, submit">
      @include('brand.hidden')
      <input type="color" value="{{ $hex }}" aria-label="Pick the {{ $role->value }} ink"
        data-fills="ink-{{ $role->value }}">
      <label for="ink-{{ $role->value }}"><strong>{{ __($role->label()) }}</strong> <span
          class="help">{{ __($purposes[$role->value]) }}</span></label>
      <input class="form-control measure-input" id="ink-{{ $role->value }}" name="inks[{{ $role->value }}]"
        value="{{ $typed("inks.{$role->value}", $hex) }}" list="taken" autocomplete="off" spellcheck="false"
        aria-describedby="error-inks-{{ $role->value
            }}" @if (isset($refused['inks'][$role->value])) aria-invalid="true" @endif>
      @include('brand.error', ['part' => 'inks', 'field' => $role->value])
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </form>
  @endforeach
  <details class="take" @if ($typed('take', null) !== null || isset($refused['take'])) open @endif>
    <summary><x-icon name="eyedropper" /> Take inks from a logo or a list</summary>
    <form method="post" action="{{ route('brand.take') }}" enctype="multipart/form-data"
      hx-post="{{ route('brand.take') }}" hx-encoding="multipart/form-data" hx-trigger="change from:find input, submit"
      class="stack">
      @csrf
      <div><label for="take-logo">A logo</label><input class="form-control" id="take-logo" type="file" name="logo"
          accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml"
          aria-describedby="error-take-logo">@include('brand.error', ['part' => 'take', 'field' => 'logo'])</div>
      <div><label for="take-pasted">Or a list of colours, as you have it</label>
        <textarea class="form-control" id="take-pasted" name="pasted" rows="3"
          placeholder="for example Fern #2c5c3e, terracotta rgb(180 80 44)" spellcheck="false"
          aria-describedby="error-take-pasted"
              >{{ is_string(request()->input('pasted')) ? mb_scrub(request()->input('pasted')) : ''
                  }}</textarea>@include('brand.error', ['part' => 'take', 'field' => 'pasted'])
      </div>
      <button class="btn btn-line">Look for colours</button>
    </form>
  </details>
</section>
