{{-- Pictograms used below: <x-icon name="arrow-counterclockwise"/> <x-icon name="arrow-clockwise"/> --}}
<div class="history">
  @foreach (['undo' => ['arrow-counterclockwise', 'Undo', $bench->card->canUndo()], 'redo' => ['arrow-clockwise',
      'Redo', $bench->card->canRedo()]] as $way => [$icon, $label, $can])
    <button id="{{ $way }}" class="btn btn-line btn-icon" form="edit"
      formaction="{{ route("edit.$way", $bench->card->id) }}" aria-label="{{ __($label) }}"
      title="{{ __($label) }}" @disabled(!$can)><x-icon :name="$icon" /></button>
  @endforeach
  <a class="btn btn-line btn-icon" href="{{ route('history', $bench->card->id) }}" aria-label="History"
    title="History (Y)"><x-icon name="clock-history" /></a>
</div>
