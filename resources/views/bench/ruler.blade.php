<div class="ruler-row">
  <svg class="ruler" viewBox="0 0 708 36" aria-hidden="true">
    @for ($x = 0; $x <= 700; $x += 10)
      <path d="M{{ $x + 0.5 }} 36v-{{ $x % 100 === 0 ? 9 : ($x % 50 === 0 ? 7 : 4) }}" />
    @endfor
    <text x="0" y="18">0</text><text x="320" y="18" text-anchor="middle">320 phone</text><text x="480" y="18"
      text-anchor="middle">480</text><text x="600" y="18" text-anchor="middle">600</text>
  </svg>
  <div class="ruler-end" id="ruler-end" role="slider" tabindex="0" aria-label="Width of the window the card is shown in"
    aria-valuemin="280" aria-valuemax="700" aria-valuenow="600" aria-valuetext="600 pixels"><svg viewBox="0 0 12 12"
      aria-hidden="true">
      <path d="M2 1l9 5-9 5z" />
    </svg></div>
</div>
