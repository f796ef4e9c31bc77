<svg class="ruler" viewBox="0 0 608 36" aria-hidden="true">
  @for($x = 0; $x <= 600; $x += 10)<path d="M{{ $x + .5 }} 36v-{{ $x % 100 === 0 ? 9 : ($x % 50 === 0 ? 7 : 4) }}"/>@endfor
  <text x="0" y="18">0</text><text x="320" y="18" text-anchor="middle">320 phone</text><text x="480" y="18" text-anchor="middle">480</text><text x="600" y="18" text-anchor="end">600</text>
  <path class="ruler-end" d="M600 25l8 5.5-8 5.5z"/>
</svg>
