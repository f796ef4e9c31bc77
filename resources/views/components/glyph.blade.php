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
@php($marks = ['mark-round' => 8, 'mark-rounded' => 4, 'mark-square' => 0])
@php($dashes = ['line-solid' => 'none', 'line-dashed' => '6 4', 'line-dotted' => '2 2'])
@if (isset($marks[$name]) || $name === 'mark-ring' || $name === 'mark-bare')
  <svg viewBox="0 0 18 18" width="18" height="18">
    @isset($marks[$name])
      <rect x="1" y="1" width="16" height="16" rx="{{ $marks[$name] }}" fill="currentColor" />
    @elseif ($name === 'mark-ring')
      <circle cx="9" cy="9" r="7.500" fill="none" stroke="currentColor" stroke-width="1.500" />
    @endif
    <path d="M5.500 9h7M9 5.500v7" stroke="{{ isset($marks[$name]) ? '#fffdf8' : 'currentColor' }}"
      stroke-width="1.800" />
  </svg>
@elseif (isset($dashes[$name]) || $name === 'line-double')
  <svg viewBox="0 0 26 18" width="26" height="18"><path d="{{ $name === 'line-double' ? 'M1 7h24M1 11h24' : 'M1 9h24'
      }}" stroke="currentColor" stroke-width="2" stroke-dasharray="{{ $dashes[$name] ?? 'none' }}" /></svg>
@elseif (isset($lines[$name]))
  <svg viewBox="0 0 20 18" width="20" height="18"><path d="{{ $lines[$name] }}" fill="none" stroke="currentColor"
      stroke-width="2" /></svg>
@elseif($name === 'card')
  card’s
@elseif($name === 'caps')
  A A
@else
  Aa
@endif
