<section id="typeface" class="brand-part" aria-labelledby="type-title">
  <h2 id="type-title">Typeface and sizes</h2>
  <p class="help">Readers see the first of a chain their machine has. Each is shown in an open face of the same widths.
  </p>
  <form method="post" action="{{ route('brand.keep', 'typeface') }}" class="faces"
    hx-post="{{ route('brand.keep', 'typeface') }}" hx-trigger="change, submit">
    @include('brand.hidden')
    @foreach ($typefaces as $stack)
      <label class="face-row"><input type="radio" name="typeface" value="{{ $stack->key }}"
          @checked($drafted->typeface->key === $stack->key)>
        <span class="chain">
          @foreach ($stack->chain() as $family => $twin)
            <span class="looks-{{ $twin }}">{{ __($family) }}</span>
            @if (!$loop->last)
              <x-icon name="chevron-right" />
            @endif
          @endforeach
        </span></label>
    @endforeach
    @include('brand.error', ['part' => 'typeface', 'field' => 'typeface'])
    <noscript><button class="btn btn-line">Keep</button></noscript>
  </form>
  <form id="sizes" method="post" action="{{ route('brand.keep', 'sizes') }}" class="sizes"
    hx-post="{{ route('brand.keep', 'sizes') }}" hx-trigger="change, submit">
    @include('brand.hidden')
    @foreach (['name' => 'Name', 'text' => 'Text', 'small' => 'Small print'] as $key => $label)
      <div><label for="size-{{ $key }}">{{ __($label) }}</label><span class="with-unit"><input
            class="form-control" type="number" id="size-{{ $key }}" name="sizes[{{ $key }}]"
            min="9" max="32" step="0.5" value="{{ $typed("sizes.$key", $drafted->sizes[$key]) }}"
            aria-describedby="error-sizes-{{ $key }}"
            @if (isset($refused['sizes'][$key])) aria-invalid="true" @endif><span
            class="measure">px</span></span>@include('brand.error', ['part' => 'sizes', 'field' => $key])</div>
    @endforeach
    <noscript><button class="btn btn-line">Keep</button></noscript>
  </form>
</section>
