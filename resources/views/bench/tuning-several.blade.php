<details class="several">
  <summary>Several pieces at once</summary>
  <x-folded :closed="$folded ?? false">
  <x-edit-form :to="route('edit.several', $card)" :card="$bench->card" :open="$open" edit="press" class="tune">
    <fieldset class="several-pieces">
      <legend class="visually-hidden">Which pieces</legend>
      @foreach ($tuning->filled() as $piece)
        <label class="check"><input type="checkbox" name="pieces[]" value="{{ $piece->id }}">
          {{ Str::limit(__($piece->kind->label()) . ': ' . $piece->summary(), 34) }}</label>
      @endforeach
    </fieldset>
    <x-tune-choice id="several-ink" name="several[ink]" label="Ink"
      :choices="['' => 'as it is'] + array_map(mb_strtolower(...), $tuning->inks())" />
    <x-tune-number id="several-size" name="several[size]" label="Size" :range="$tuning::SIZE" step="0.5"
      placeholder="as it is" />
    <x-tune-choice id="several-bold" name="several[bold]" label="Weight"
      :choices="['' => 'as it is', '0' => 'regular', '1' => 'bold']" />
    <x-tune-number id="several-gap" name="several[gap]" label="Spacing above" :range="$tuning::SPACING"
      placeholder="as it is" />
    <p class="field-error" id="error-several">{{ $refused['several'] ?? '' }}</p>
    <button class="btn btn-line">Set them together</button>
  </x-edit-form>
  </x-folded>
</details>
