<div id="order" class="zones" @isset($swap) hx-swap-oob="morph" @endisset>
  @foreach ($bench->zones() as $zone)
    @php($pieces = $bench->document->inZone($zone))
    @php($placed = isset($bench->document->arrangement->zones[$zone->value]))
    <section @class([
        'zone',
        'zone-empty' => $pieces === [],
        'zone-unseen' => !$placed && $pieces !== [],
    ]) aria-labelledby="zone-{{ $zone->value }}">
      <h2 id="zone-{{ $zone->value }}">{{ __($zone->label()) }}{{
            ! $placed && $pieces !== [] ? ', not in this arrangement'
          : '' }}</h2>
      <ol data-zone="{{ $zone->value }}">
        @foreach ($pieces as $piece)
          @include('bench.row', ['swap' => null])
        @endforeach
      </ol>
    </section>
  @endforeach
</div>
