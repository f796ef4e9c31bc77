{{-- A link to the bench, for who makes cards; others see its words. --}}
@props(['card', 'piece' => null])
@can('make')<a {{ $attributes }} href="{{ route('bench', array_filter(['card' => $card, 'piece' => $piece]))
  }}">{{ $slot }}</a>@else<span>{{ $slot }}</span>@endcan
