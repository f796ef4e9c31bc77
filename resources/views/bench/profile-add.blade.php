{{-- The links of a piece, and the box more are pasted into. --}}
<div class="field profile-field">
  @include('bench.profiles', ['swap' => null])
  <x-edit-form :to="route('edit.links', [$card, $id, 'add'])" :card="$bench->card" :open="$open" edit="press"
    class="profile-add">
    <label class="visually-hidden" for="add-{{ $id }}">Addresses or handles to add</label>
    <textarea class="form-control" id="add-{{ $id }}" name="text" rows="2" data-once spellcheck="false"
      placeholder="Paste addresses or “tiktok quillfern”" autocomplete="off"
      aria-describedby="error-{{ $id }}-links">{{ isset($refused["$id.links"]) ? mb_scrub((string)
          request()->input('text')) : '' }}</textarea>
    <button class="btn btn-line">Add</button>
  </x-edit-form>
  @include('bench.error', ['key' => "$id.links"])
  <p class="help field-note" id="note-{{ $id }}-links"></p>
  <p class="help"><a class="btn btn-plain btn-small"
    href="{{ route('profile.kinds', ['card' => $card, 'piece' => $id]) }}"
      hx-get="{{ route('profile.kinds', ['card' => $card, 'piece' => $id]) }}" hx-target="#kinds-{{ $id }}"
      hx-swap="innerHTML" hx-select="#kinds" data-unfolds="kinds-{{ $id }}"
      aria-expanded="false">All {{ $bench->profileKinds() }} kinds, and where to find yours</a></p>
  <div id="kinds-{{ $id }}"></div>
</div>
