{{-- A small drawing of what a choice does to words. --}}
@props(['name'])
@php($lines = [
    'start' => 'M2 4h16M2 9h9M2 14h13',
    'center' => 'M2 4h16M5 9h10M4 14h12',
    'end' => 'M2 4h16M9 9h9M5 14h13',
    'own-line' => 'M2 5h13M2 13h9',
    'same-line' => 'M2 9h6M12 9h6',
    'sign-first' => 'M2 6h6v6H2zM11 9h7',
    'sign-last' => 'M12 6h6v6h-6zM2 9h7',
    'none' => 'M4 14L16 4',
])
@isset($lines[$name])
  <svg viewBox="0 0 20 18" width="20" height="18"><path d="{{ $lines[$name] }}" fill="none" stroke="currentColor"
      stroke-width="2" /></svg>
@elseif($name === 'card')
  card’s
@elseif($name === 'caps')
  A A
@else
  Aa
@endisset
