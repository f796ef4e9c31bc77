{{-- Each gauge an answer changes comes by itself; what the page shows already does not. --}}
@php($shown ??= [])
@foreach ($bench->gauges() as $key => $gauge)
  @continue(in_array((string) $key, $shown, true))
  <button type="button" class="gauge" id="gauge-{{ $gauge->key }}" data-key="{{ $key }}"
    data-pieces="{{ implode(' ', array_slice($gauge->pieces, 0, 4)) }}"
    aria-describedby="gauge-help-{{ $gauge->key }}" aria-pressed="false" @isset($swap) hx-swap-oob="morph" @endisset>
    <span class="gauge-label">{{ __($gauge->label) }}</span>
    <span class="gauge-figure"><b>{{ $gauge->figure }}</b> <span class="measure">{{ __($gauge->unit) }}</span></span>
    <svg class="gauge-bar" aria-hidden="true">
      <rect class="gauge-track" width="100%" height="5" rx="2.5" />
      <rect class="{{ $gauge->good ? 'gauge-good' : 'gauge-look' }}"
        width="{{ round(min(1, max(0, $gauge->share)) * 100) }}%" height="5" rx="2.5" />
    </svg>
    <span class="gauge-help" id="gauge-help-{{ $gauge->key }}">{{ __($gauge->help) }} <i>Press to see which pieces
        make
        it.</i></span>
  </button>
@endforeach
@php($samples = $bench->document->samples())
@php($look = array_values(array_filter($bench->gauges, fn($gauge) => !$gauge->good)))
@php($key = hash('crc32b', serialize([array_column($samples, 'id'), array_column($look, 'key')])))
@unless (in_array($key, $shown, true))
  <div class="gauge gauge-last" id="gauge-last" data-key="{{ $key }}" @isset($swap) hx-swap-oob="morph" @endisset>
    @if ($samples !== [])
      <p class="gauge-figure"><b>{{ count($samples) }}</b>
          {{ trans_choice('sample value left|sample values left', count($samples)) }}</p>
      <p class="gauge-label">
        {{ Str::limit(implode(', ', array_map(fn($piece) => Str::lower(__($piece->kind->label())), $samples)),
            46) }}</p>
    @elseif($look !== [])
      <p class="gauge-figure"><b>{{ count($look) }}</b> to look at</p>
      <p class="gauge-label">{{ Str::lower(implode(', ', array_map(fn ($one) => __($one->label), $look))) }}</p>
    @else
      <p class="gauge-figure"><b>0</b> to look at</p>
      <p class="gauge-label">everything shown is yours</p>
    @endif
  </div>
@endunless
