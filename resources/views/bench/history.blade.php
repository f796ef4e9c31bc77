{{-- Pictograms used below: <x-icon name="arrow-counterclockwise"/> <x-icon name="arrow-clockwise"/> --}}
<div class="history">
  @foreach (['undo' => ['arrow-counterclockwise', 'Undo', $bench->card->canUndo()], 'redo' => ['arrow-clockwise',
      'Redo', $bench->card->canRedo()]] as $way => [$icon, $label, $can])
    <form method="post" action="{{ route("edit.$way", $bench->card->id) }}"
      hx-post="{{ route("edit.$way", $bench->card->id) }}" hx-swap="none" hx-sync="#main:queue all">
      @include('bench.hidden')
      <button id="{{ $way }}" class="btn btn-line btn-icon" aria-label="{{ $label }}"
        title="{{ $label }}" @disabled(!$can)><x-icon :name="$icon" /></button>
    </form>
  @endforeach
  <a class="btn btn-line btn-icon" href="{{ route('history', $bench->card->id) }}" aria-label="History"
    title="History (Y)"><x-icon name="clock-history" /></a>
</div>
