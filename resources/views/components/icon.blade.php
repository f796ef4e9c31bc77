@props(['name'])
<svg {{ $attributes->class('icon') }} aria-hidden="true" focusable="false">
  <use href="/vendor/icons.svg#{{ $name }}" />
</svg>
