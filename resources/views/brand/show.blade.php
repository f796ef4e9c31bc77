@php($document = $drafted->toArray())
@php($typed = fn(string $name, mixed $kept) => is_string(request()->input($name)) && $typed === strtok($name, '.') ?
    mb_scrub(request()->input($name)) : $kept)
<x-layouts.page title="Brand" nav="brand">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script src="{{ asset('vendor/idiomorph-ext.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/brand.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk brand-desk" hx-ext="morph" hx-target="#main" hx-select="#main" hx-swap="morph:outerHTML"
    hx-sync="#main:queue all">
    <div class="desk-head">
      <h1>Brand</h1>
      <time id="kept" class="measure kept" datetime="{{ $brand->updated_at->toIso8601String() }}"
        data-number="{{ $brand->number }}">kept {{ Moments::time($brand->updated_at) }}</time>
      @if ($brand->before !== null)
        <form method="post" action="{{ route('brand.undo') }}" hx-post="{{ route('brand.undo') }}">
          @include('brand.hidden')<button class="btn btn-plain">Undo the last change here</button></form>
      @endif
      <div class="brand-pending ms-end" id="counts" hx-get="{{ route('brand.counts') }}"
        hx-trigger="load, kept from:body" hx-target="this" hx-swap="innerHTML" hx-select="unset" hx-sync="this:replace">
        @if ($brand->draft !== null)
          <a class="btn btn-stamp" href="{{ route('brand.change') }}">See what changes</a>
        @endif
      </div>
    </div>
    @if (session('told'))
      <p class="told" role="status">{{ session('told') }}</p>
    @endif
    @if ($stale)
      <p class="told told-look" role="alert">The brand was changed elsewhere meanwhile, so this was not kept. It is
        shown as it is now; <a href="{{ route('brand') }}">reload</a> before you go on.</p>
    @endif
    <div class="brand-grid">
      @include('brand.inks')
      @include('brand.matrix')
      @include('brand.type')
      @include('brand.logos')
      @include('brand.lines')
      <div class="brand-column">
        <section class="brand-part" aria-labelledby="quotations-title">
          <h2 id="quotations-title">Quotations</h2>
          <p class="help">What clients said of you, by topic, for quotes that change by themselves. <a
              href="{{ route('quotations') }}">Your list</a></p>
        </section>
        @include('brand.notices')
        @include('brand.rules')
      </div>
      @include('brand.changes')
    </div>
    <p id="said" class="visually-hidden" role="status">{{ $said }}</p>
  </main>
</x-layouts.page>
