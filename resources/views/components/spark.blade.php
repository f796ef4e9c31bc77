@props(['line', 'most' => 0])
<svg class="spark" viewBox="0 -2 120 24" role="img" aria-label="At most {{ $line->most() }} a day"
  preserveAspectRatio="none">
  <path d="{{ $line->path(120, 20, $most) }}" />
</svg>
