<div id="order" class="zones" @isset($swap) hx-swap-oob="morph" @endisset>
  @foreach(\InkyCard\Card\Zone::cases() as $zone)
  @php($pieces = $bench->document->inZone($zone))
  @if($pieces !== [])
  <section class="zone" aria-labelledby="zone-{{ $zone->value }}">
    <h2 id="zone-{{ $zone->value }}">{{ $zone->label() }}</h2>
    <ol>
      @foreach($pieces as $piece)
      @include('bench.row', ['swap' => null])
      @endforeach
    </ol>
  </section>
  @endif
  @endforeach
</div>
