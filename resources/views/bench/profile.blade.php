{{-- What can be done to one link; a page of its own where no script takes it into its row. --}}
@php($one = ['card' => $card->id, 'piece' => $piece->id, 'link' => $row->line])
<x-layouts.page :title="$row->link->label" nav="cards">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>{{ $row->link->label }}</h1><a
        href="{{ route('bench', ['card' => $card->id, 'piece' => $piece->id]) }}">Back to the bench</a>
    </div>
    <div id="profile" class="profile-more">
      @if ($row->link->address !== '')
        <p><a href="{{ $row->link->address }}" target="_blank"
          rel="noopener noreferrer">{{ $row->link->address }}</a></p>
        <x-edit-form :to="route('edit.links', $one + ['how' => 'name'])" :card="$card" :open="$piece->id" edit="press"
          class="in-line">
          <label for="name-{{ $id }}">Called</label>
          <input class="form-control" id="name-{{ $id }}" name="name" value="{{ $row->link->label }}" maxlength="40">
          <button class="btn btn-line">Name</button>
        </x-edit-form>
      @endif
      @if ($find !== '')
        <p class="help">Where to find yours: {{ $find }}</p>
      @endif
      <x-edit-form :to="route('edit.links', $one + ['how' => 'mark'])" :card="$card" :open="$piece->id"
        edit="press" class="mark-choice">
        <p>Its mark</p>
        @if ($row->ownMark)
          <button class="btn btn-line" name="mark" value="">As its network has it</button>
        @endif
        @foreach ($marks as $group => $names)
          <fieldset>
            <legend>{{ $group }}</legend>
            @foreach ($names as $name)
              <button name="mark" value="{{ $name }}" title="{{ str_replace('-', ' ', $name) }}"
                aria-pressed="{{ $row->link->mark === $name ? 'true' : 'false' }}"><img
                  src="{{ asset("marks/$name.svg") }}" width="16" height="16" alt="{{ str_replace('-', ' ', $name) }}"
                  loading="lazy"></button>
            @endforeach
          </fieldset>
        @endforeach
        @if ($pictures->isNotEmpty())
          <fieldset>
            <legend>Your pictures, in the card’s ink</legend>
            @foreach ($pictures as $picture)
              <button name="mark" value="{{ $picture->ref() }}" title="{{ $picture->name }}"><img
                  src="{{ route('picture.thumb', $picture->hash) }}" width="24" height="24"
                  alt="{{ $picture->alt ?: $picture->name }}" loading="lazy"></button>
            @endforeach
          </fieldset>
        @endif
      </x-edit-form>
      <div class="in-line">
        <button class="btn btn-plain" form="edit" formaction="{{ route('edit.links', $one + ['how' => 'up']) }}">Move
          up</button>
        <button class="btn btn-plain" form="edit"
          formaction="{{ route('edit.links', $one + ['how' => 'down']) }}">Move down</button>
      </div>
    </div>
    <x-edit-form id="edit" :to="route('edit.undo', $card->id)" :card="$card" :open="$piece->id" edit="press" hidden />
  </main>
</x-layouts.page>
