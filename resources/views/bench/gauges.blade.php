@php($g = $bench->gauges)
@php($cells = [
    ['Code', number_format($g->code / 1000, 1), 'of '.($g::CODE / 1000).' k chars', $g->code / $g::CODE, $g->code <= $g::CODE * .8],
    ['Pictures', number_format($g->pictures / 1000, 0), 'of '.($g::PICTURES / 1000).' KB', $g->pictures / $g::PICTURES, $g->pictures <= $g::PICTURES * .8],
    ['Faintest text', $g->faintest === null ? '–' : number_format(floor($g->faintest * 10) / 10, 1), ': 1 on its ground', $g->faintest === null ? 0 : $g->faintest / 9, $g->faintest === null || $g->faintest >= \InkyCard\Colour\Contrast::TEXT],
    ['Links', $g->links, $g->calls.' main '.Str::plural('call', $g->calls), $g->links / 12, $g->links <= 12 && $g->calls <= 1],
])
@php($samples = $bench->document->samples())
<section id="gauges" class="gauges" aria-label="Gauges" @isset($swap) hx-swap-oob="true" @endisset>
  @foreach($cells as [$label, $figure, $unit, $share, $good])
  <div class="gauge">
    <p class="gauge-label">{{ $label }}</p>
    <p class="gauge-figure"><b>{{ $figure }}</b> <span class="measure">{{ $unit }}</span></p>
    <svg class="gauge-bar" aria-hidden="true"><rect class="gauge-track" width="100%" height="5" rx="2.5"/><rect class="{{ $good ? 'gauge-good' : 'gauge-look' }}" width="{{ round(min(1, max(0, $share)) * 100) }}%" height="5" rx="2.5"/></svg>
  </div>
  @endforeach
  <div class="gauge gauge-last">
    @if($samples === [])
    <p class="gauge-figure"><b>0</b> sample values left</p>
    <p class="gauge-label">everything shown is yours</p>
    @else
    <p class="gauge-figure"><b>{{ count($samples) }}</b> sample {{ Str::plural('value', count($samples)) }} left</p>
    <p class="gauge-label">{{ Str::limit(implode(', ', array_map(fn ($piece) => Str::lower($piece->kind->label()), $samples)), 60) }}</p>
    @endif
  </div>
</section>
