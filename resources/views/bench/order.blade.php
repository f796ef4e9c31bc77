<div id="order" class="zones" @isset($swap) hx-swap-oob="morph" @endisset>
  @foreach(\InkyCard\Card\Zone::cases() as $zone)
  @php($pieces = $bench->document->inZone($zone))
  <section @class(['zone', 'zone-empty' => $pieces === []]) aria-labelledby="zone-{{ $zone->value }}">
    <h2 id="zone-{{ $zone->value }}">{{ $zone->label() }}</h2>
    <ol data-zone="{{ $zone->value }}">
      @foreach($pieces as $piece)
      @include('bench.row', ['swap' => null])
      @endforeach
    </ol>
  </section>
  @endforeach
</div>
