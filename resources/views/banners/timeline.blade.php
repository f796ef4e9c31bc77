@php($at = fn(int $months) => (new DateTimeImmutable($plan->from->iso))->modify("$months months")->format('Y-m'))
@php($flag = $plan->share($plan->moment($day->day)))
<section class="plan" id="plan" data-from="{{ $plan->from->iso }}" data-days="{{ $plan->days() }}"
  aria-label="Timeline, {{ Moments::day($plan->from->iso, 'long') }} to {{
        Moments::day($plan->until->plus(-1)->iso, 'long') }}">
  <div class="lane lane-ruler">
    <div class="lane-name"><a href="{{ route('banners', ['begin' => $at(-3)] + $where) }}"
        aria-label="Three months earlier">←</a>
      <span class="measure">{{ substr($plan->from->iso, 0, 4) }}</span> <a
        href="{{ route('banners', ['begin' => $at(+3)] + $where) }}" aria-label="Three months later">→</a></div>
    <div class="lane-plot">
      <svg height="46" width="100%" aria-hidden="true">
        @foreach ($plan->ruler() as [$label, $share, $month])
          <line x1="{{ $share }}%" x2="{{ $share }}%" y1="{{ $month ? 30 : 38 }}" y2="46" />
          @if ($label !== '')
            <text x="{{ $share }}%" dx="3" y="14">{{ __($label) }}</text>
          @endif
        @endforeach
        <svg id="flag-words" x="{{ $flag }}%" overflow="visible">
          <rect x="{{ $flag > 70 ? -118 : 6 }}" width="112" height="18" rx="2" />
          <text x="{{ $flag > 70 ? -62 : 62 }}" y="13"
              text-anchor="middle">{{ Moments::day($day->day->iso, 'long') }}</text>
        </svg>
      </svg>
      <input type="range" id="flag" class="plan-flag" min="0" max="{{ $plan->days() - 1 }}"
        value="{{ max(0, min($plan->days() - 1, $plan->from->until($day->day))) }}"
        aria-label="Day whose cards are shown" aria-valuetext="{{ Moments::day($day->day->iso, 'long') }}">
    </div>
  </div>
  @foreach ($plan->lanes() as $lane)
    <div class="lane">
      <div class="lane-name"><strong>{{ $lane['name'] }}</strong><span>{{
            trans_choice(':count card|:count cards', $lane['count']) }}</span></div>
      <div class="lane-plot">
        <svg height="{{ $lane['height'] }}" width="100%">
          <defs>
            <pattern id="hatch-{{ $loop->index }}" width="12" height="12" patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)">
              <rect width="6" height="12" class="hatch" />
            </pattern>
          </defs>
          @foreach ($lane['gaps'] as $gap)
            <g class="plan-gap">
              <rect x="{{ $gap['x'] }}%" y="6" width="{{ $gap['width'] }}%" height="40"
                fill="url(#hatch-{{ $loop->parent->index }})" />
              <svg x="{{ $gap['x'] }}%" y="6" width="{{ $gap['width'] }}%" height="40"><text x="50%" y="25"
                  text-anchor="middle">{{ $gap['words'] }}</text></svg>
            </g>
          @endforeach
          @foreach ($lane['bars'] as $bar)
            <a href="{{ route('banners', ['window' => $bar['id']] + $where) }}#window" class="plan-bar"
              data-window="{{ $bar['id'] }}"
              aria-label="{{ $bar['name'] }}, for {{ $bar['for'] }}, {{ $bar['words'] }}. {{
                'Arrow keys move it by a day, with Shift its end, with Alt its beginning.' }}"
              @if ($stored?->id === (int) $bar['id']) aria-current="true" @endif>
              <svg x="{{ $bar['x'] }}%" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}%" height="46">
                <rect class="bar-face" x="0.5" y="0.5" width="100%" height="45" />
                <image x="1" y="1" height="29" width="{{ round(29 * $bar['ratio']) }}"
                  href="{{ route('banner.picture', [$bar['banner'], 'v' => $bar['version']], false) }}"
                  preserveAspectRatio="xMinYMid slice" />
                <rect class="bar-foot" x="1" y="30" width="100%" height="15" />
                <text x="5" y="41">{{ $bar['short'] }}</text>
                <rect class="bar-edge" x="0.5" y="0.5" width="100%" height="45" />
              </svg>
            </a>
          @endforeach
          <line class="plan-line" x1="{{ $flag }}%" x2="{{ $flag }}%" y1="0" y2="100%" />
        </svg>
      </div>
    </div>
  @endforeach
</section>
<form method="post" id="plan-move" hidden>@csrf<input name="days"><input name="end">
  @include('banners.where')</form>
