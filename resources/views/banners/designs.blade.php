<h2>In every design <span class="quiet">best first</span></h2>
@if ($gallery->designs === [] && $gallery->refused === [])
  <p class="help">Write a headline, and every design shows it here.</p>
@endif
<div class="designs">
  @foreach ($gallery->designs as [$design, $picture, $contrast, $bytes])
    <button form="maker" name="design" value="{{ $design->key }}" class="design"
      aria-pressed="{{ $banner->design === $design->key ? 'true' : 'false' }}">
      <img src="{{ $picture }}" alt="" width="{{ $banner->size->width }}" height="{{ $banner->size->height }}">
      <span class="design-foot"><span>{{ __($design->label) }}</span><span
          class="measure">{{ Number::format($contrast, 1) }} : 1 ·
          about {{ max(1, round($bytes / 1000)) }} KB</span></span>
    </button>
  @endforeach
</div>
@foreach ($gallery->refused as [$design, $why])
  <p class="help"><strong>{{ __($design->label) }}</strong>: {{ __($why) }}</p>
@endforeach
@if ($gallery->designs !== [])
  <li class="gauge" id="weight" hx-swap-oob="true">@include('banners.gauge', ['gauge' => $gallery->weight()])</li>
@endif
