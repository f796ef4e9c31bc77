@props(['name'])
<svg {{ $attributes->class('icon') }} aria-hidden="true" focusable="false">
  <use href="{{ asset('vendor/icons.svg') }}#{{ $name }}" />
</svg>
