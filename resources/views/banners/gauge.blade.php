@php([$label, $figure, $unit, $share, $good] = $gauge)
<span class="gauge-label">{{ __($label) }}</span>
<span class="gauge-figure"><b>{{ $figure }}</b> <span class="measure">{{ $unit }}</span></span>
<svg class="gauge-bar" aria-hidden="true">
  <rect class="gauge-track" width="100%" height="5" rx="2.5" />
  <rect class="{{ $good ? 'gauge-good' : 'gauge-look' }}" width="{{ round(min(1, max(0, $share)) * 100) }}%"
    height="5" rx="2.5" />
</svg>
