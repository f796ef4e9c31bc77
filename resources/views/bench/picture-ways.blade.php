{{-- Other ways a picture comes into a piece: an address, the camera, the clipboard; and which part of it shows. --}}
<div class="picture-ways">
  @if ($bench->canCrop($piece))
    <a class="btn btn-plain btn-small" href="{{ route('picture.crop', [$card, $id]) }}"><x-icon name="crop" /> Crop and
      shift</a>
  @endif
  <button type="button" class="btn btn-plain btn-small" data-camera hidden><x-icon name="camera" /> Camera</button>
  <x-edit-form :to="route('edit.fill', [$card, $id])" :card="$bench->card" :open="$open" edit="press">
    <label for="from-{{ $id }}">{{ $bench->isFilm($piece) ? 'Still and length from the film’s page' : 'From an address'
        }}</label>
    <span class="with-unit"><input class="form-control" id="from-{{ $id }}" name="from" inputmode="url"
        @if ($bench->isFilm($piece) && $piece->text('picture') === '') value="{{ $piece->text('address') }}" @endif
        placeholder="https://…" autocomplete="off" spellcheck="false" data-once
        aria-describedby="error-{{ $id }}-picture"><button class="btn btn-line">Fetch</button></span>
  </x-edit-form>
  <p class="help scripted">Or drop a file on the row, or paste a picture while it is open.</p>
</div>
