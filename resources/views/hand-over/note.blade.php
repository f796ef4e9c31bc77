@if ($note->film !== '' || $note->note !== '')
  <p class="house-words">
    @if ($note->film !== '')
      <a href="{{ $note->film }}" rel="noopener noreferrer">Watch the film of these steps</a>.
    @endif {{ $note->note }}
  </p>
@endif
