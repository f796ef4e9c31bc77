@props(['steps', 'drawn'])
<ol {{ $attributes->class('drawn-steps') }}>
  @foreach ($steps as $index => $step)
    <li>
      <div><span>{{ __($step) }}</span>
        @if (($drawn[$index] ?? '') !== '')
          <svg class="drawing" aria-hidden="true" focusable="false">
            <use href="{{ asset('drawings.svg') }}#{{ $drawn[$index] }}" />
          </svg>
        @endif
      </div>
    </li>
  @endforeach
</ol>
