@php($refused = $maker->refused)
<div id="shown" class="shown">
  @if ($maker->light === '')
    <p class="told told-look" role="alert">{{ array_values($refused)[0] ?? 'There is nothing to draw yet.' }} The
      words are kept.</p>
  @else
    <div class="shown-sheet"><img class="shown-light" src="{{ $maker->light }}" width="{{ $banner->size->width }}"
      height="{{ $banner->size->height }}" alt="{{ $banner->alt() }}"></div>
    @if ($maker->mended !== '')
      <p class="help shown-mended">{{ $maker->mended }}</p>
    @endif
    <div class="shown-others">
      <figure>
        <span class="shown-dark"><img src="{{ $maker->dark }}" width="{{ round(0.6 * $banner->size->width) }}"
            height="{{ round(0.6 * $banner->size->height) }}" alt=""></span>
        <figcaption>Dark twin, for a page turned dark</figcaption>
      </figure>
      <figure>
        <span class="shown-phone"><img src="{{ $maker->light }}" width="{{ $maker->phone() }}"
            height="{{ round($banner->size->height * $maker->phone() / $banner->size->width) }}" alt=""></span>
        <figcaption>On a phone of 320 px</figcaption>
      </figure>
    </div>
    <ul class="shown-gauges">
      @foreach ($maker->gauges as $gauge)
        <li class="gauge">@include('banners.gauge')</li>
      @endforeach
      @unless ($banner->isPicture())
        <li class="gauge" id="weight"><span class="gauge-label">Weight</span></li>
      @endunless
    </ul>
  @endif
</div>
@if (request()->hasHeader('HX-Request'))
  @include('banners.kept', ['swap' => true])
  @foreach (['headline', 'line', 'call', 'address', 'alt'] as $field)
    <p class="field-error" id="error-{{ $field }}" hx-swap-oob="true">{{ $refused[$field] ?? '' }}</p>
  @endforeach
  <p class="field-error" id="error-width" hx-swap-oob="true">{{ $refused['width'] ?? ($refused['height'] ?? '') }}</p>
  <p class="field-error" id="error-picture" hx-swap-oob="true">{{ $refused['file'] ?? ($refused['picture'] ?? '') }}</p>
@endif
