{{-- Whose message is looked at. --}}
<div class="picks" role="group" aria-label="Whose">
  @foreach ($picks->hard as $id => $label)
    <a href="{{ $at(['recipient' => $id]) }}" @if ($picks->shown === $id) aria-current="true" @endif>{{ $label }}</a>
  @endforeach
  <a href="{{ $at(['recipient' => 'tokens']) }}" @if ($picks->shown === 0) aria-current="true" @endif>as tokens</a>
  @isset($any)
    <a href="{{ $any }}">any recipient …</a>
  @endisset
</div>
