<section id="logos" class="brand-part" aria-labelledby="logos-title">
  <h2 id="logos-title">Logos</h2>
  <p class="help">One for light pages, and one that stays visible on dark ones. JPEG, PNG, GIF, WebP or SVG.</p>
  <div class="logo-pair">
    @foreach (['light' => 'For light pages', 'dark' => 'For dark pages'] as $page => $label)
      @php($logo = $logos[$page])
      <form method="post" action="{{ route('brand.keep', 'logos') }}" enctype="multipart/form-data"
        hx-post="{{ route('brand.keep', 'logos') }}" hx-encoding="multipart/form-data" hx-trigger="change, submit">
        @include('brand.hidden')
        <span class="logo-background logo-{{ $page }}">
          @if ($logo)
            <img src="{{ route('picture.thumb', $logo['hash']) }}" alt="Logo {{ Str::lower($label) }}">
          @else
            <span>none yet</span>
          @endif
        </span>
        <label for="logo-{{ $page }}">{{ __($label) }}</label>
        <input class="form-control" id="logo-{{ $page }}" type="file" name="{{ $page }}"
          accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml"
          aria-describedby="error-logos-{{ $page }}">
        @include('brand.error', ['part' => 'logos', 'field' => $page])
        @if ($logo)
          <button class="btn btn-plain" name="remove[{{ $page }}]" value="1">Take out</button>
        @endif
        <noscript><button class="btn btn-line">Keep</button></noscript>
      </form>
    @endforeach
  </div>
</section>
