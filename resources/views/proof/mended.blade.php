@if ($mended = session('mended'))
  <div class="told" role="status">
    <p><b>Mended:</b> {{ Str::lower($mended['title']) }}. {{ $mended['words'] }}.</p>
    <div class="before-after">
      @foreach (['before' => 'Before', 'after' => 'After'] as $when => $label)
        <figure><span class="rendering"><iframe src="{{ route('history.sheet', [$card->id, $mended[$when]]) }}"
              title="{{ __($label) }}" tabindex="-1" sandbox="allow-same-origin"></iframe></span>
          <figcaption>{{ $when }}</figcaption>
        </figure>
      @endforeach
    </div>
    <form method="post" action="{{ route('edit.undo', $card->id) }}" class="inline">
      @csrf
      <input type="hidden" name="revision" value="{{ $card->head }}">
      <input type="hidden" name="back" value="proof">
      <button class="btn-words">Undo</button>
    </form>
  </div>
@elseif (session('told'))
  <p class="told told-look" role="status">{{ session('told') }}</p>
@endif
