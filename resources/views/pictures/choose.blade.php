<x-layouts.page title="Choose a picture" nav="cards">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Choose a picture</h1><a href="{{ route('bench', ['card' => $card->id, 'piece' => $piece->id]) }}">Back to the
        bench</a>
    </div>
    <div id="choose" class="choose">
      @if ($pictures->isEmpty())
        <p class="help">No picture is kept yet. <a href="{{ route('pictures') }}">Bring some in</a>.</p>
      @endif
      @foreach ($pictures as $picture)
        <x-edit-form :to="route('edit.fill', [$card->id, $piece->id])" :card="$card" :open="$piece->id" edit="press">
          <input type="hidden" name="whole" value="1">
          <button name="pick" value="{{ $picture->id }}" title="{{ $picture->name }}"><img
              src="{{ route('picture.thumb', $picture->hash) }}" alt="{{ $picture->alt ?: $picture->name }}"
              loading="lazy"></button>
        </x-edit-form>
      @endforeach
      @if ($pictures->hasMorePages())
        <a class="choose-more" href="{{ $pictures->nextPageUrl() }}&piece={{ $piece->id }}"
          hx-get="{{ $pictures->nextPageUrl() }}&piece={{ $piece->id }}" hx-target="closest .chooser"
          hx-swap="innerHTML" hx-select="#choose">More</a>
      @endif
    </div>
  </main>
</x-layouts.page>
