@php([$wide, $high, $left, $between] = [44, 30, 56, 18])
@php($failing = array_values(array_filter($cells, fn($cell) => $cell->used && !$cell->reads())))
<section id="matrix" class="brand-part" aria-labelledby="matrix-title">
  <h2 id="matrix-title">Every ink on every background</h2>
  <p class="help">Text by row, background by column, in the colours a reader sees. Under 4.5 text is hard to read.
    Framed pairs are those cards use.</p>
  <div class="matrix-scroll" tabindex="0" role="group" aria-labelledby="matrix-title">
    <svg class="matrix" viewBox="0 0 {{ $left + 3 * 5 * $wide + 2 * $between }} {{ 46 + 5 * $high }}" role="img"
      aria-label="{{ count($failing) === 0 ? 'Every pair that cards use reads on every page.' : count($failing) .
          ' of the pairs cards use do not read; they are listed below.' }}">
      @foreach ($roles as $row => $role)
        <text x="0" y="{{ 46 + $row * $high + 19 }}" class="matrix-label">{{ __($role->label()) }}</text>
      @endforeach
      @foreach ($pages as $n => $page)
        @php($x = $left + $n * (5 * $wide + $between))
        <text x="{{ $x }}" y="13" class="matrix-page">{{ __($page->label()) }}</text>
        @foreach ($roles as $column => $role)
          <text x="{{ $x + $column * $wide + $wide / 2 }}" y="36" text-anchor="middle"
            class="matrix-label">{{ __($role->label()) }}</text>
        @endforeach
        @foreach ($cells as $cell)
          @continue($cell->page !== $page)
          @php([$cx, $cy] = [$x + array_search($cell->on, $roles, true) * $wide, 46 + array_search($cell->text, $roles,
              true) * $high])
          <g @class([
              'matrix-cell',
              'matrix-used' => $cell->used,
              'matrix-fails' => $cell->used && !$cell->reads(),
          ])>
            <title>{{ __($cell->text->label()) }} on {{ $cell->on->value }}, {{ Str::lower(__($page->label())) }}:
              {{ $cell->ink->hex }} on {{ $cell->background->hex }},
              {{ Number::format(floor($cell->ratio * 10) / 10, 1) }} to 1</title>
            <rect x="{{ $cx + 1.5 }}" y="{{ $cy + 1.5 }}" width="{{ $wide - 3 }}"
              height="{{ $high - 3 }}" rx="2" fill="{{ $cell->background->hex }}" />
            <text x="{{ $cx + $wide / 2 }}" y="{{ $cy + 20 }}" text-anchor="middle"
              fill="{{ $cell->ink->hex }}">{{ Number::format(floor($cell->ratio * 10) / 10, 1) }}</text>
            @if ($cell->used && !$cell->reads())
              <path d="M{{ $cx + 1.5 }} {{ $cy + 1.5 }}h11l-11 11z" fill="#c8402a" stroke="#fffdf8"
                stroke-width=".8" />
            @endif
          </g>
        @endforeach
      @endforeach
    </svg>
  </div>
  @if ($failing === [])
    <p class="advice advice-good">Every pair that cards use reads at 4.5 to 1 or better, on light and dark pages.</p>
  @else
    <ul class="failing">
      @foreach ($failing as $cell)
        @php($nearest = $cell->nearest($drafted))
        <li>
          <span><b>{{ Number::format(floor($cell->ratio * 10) / 10, 1) }} : 1</b> {{ __($cell->text->label()) }} on
            {{ $cell->on->value }}, {{ Str::lower(__($cell->page->label())) }}.</span>
          @if ($nearest)
            <form method="post" action="{{ route('brand.keep', 'inks') }}"
              hx-post="{{ route('brand.keep', 'inks') }}">
              @include('brand.hidden')
              <input type="hidden" name="inks[{{ $cell->yields()->value }}]" value="{{ $nearest->hex }}">
              <button class="btn-words"><svg viewBox="0 0 20 20" aria-hidden="true">
                  <rect width="20" height="20" rx="3" fill="{{ $nearest->hex }}" />
                </svg> Take {{ $nearest->hex }} as {{ $cell->yields()->value }} ink, the nearest that
                reads</button>
            </form>
          @else
            <span class="help">No ink of this hue reads both there and on a light page.</span>
          @endif
        </li>
      @endforeach
    </ul>
  @endif
</section>
