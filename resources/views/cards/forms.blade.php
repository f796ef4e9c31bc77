<x-layouts.page :title="'Forms of ' . $card->name" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Forms</h1>
      <p class="quiet">{{ $card->name }}: one card, its facts said once. Each sort of message gets the form that fits
        it.</p>
      <a class="btn btn-line ms-end" href="{{ route('bench', $card->id) }}">Back to the bench</a>
    </div>
    <div class="forms">
      <section aria-labelledby="form-whole">
        <h2 id="form-whole">The whole card</h2>
        <p class="help">For new messages, and wherever no other form is set.</p>
        <a class="rendering drawn" href="{{ route('bench', $card->id) }}"><img alt="The whole card"
            src="{{ route('forms.drawing', [$card->id, 'whole', 'at' => $card->head], false) }}"></a>
      </section>
      @foreach ($for as $key => $label)
        @php($form = $document->forms[$key] ?? null)
        <section aria-labelledby="form-{{ $key }}">
          <h2 id="form-{{ $key }}">For {{ __($label) }}</h2>
          @if ($form === null)
            <p class="help">{{ $key === 'phone' ? 'None of its own: phones are offered a short one made for them.'
                : 'None of its own: replies carry the whole card.' }}</p>
            <x-edit-form :to="route('edit.form', [$card->id, $key, 'begin'])" :card="$card" back="forms">
              <button class="btn btn-line">Make a form for {{ __($label) }}</button>
            </x-edit-form>
          @else
            <p class="help">{{ count($form->without) === 0 ? 'Leaves nothing out.'
                : 'Leaves out '.trans_choice('{1}one piece|[2,*]:count pieces', count($form->without)).'.' }}</p>
            <span class="rendering drawn"><img alt="The card for {{ __($label) }}"
                src="{{ route('forms.drawing', [$card->id, $key, 'at' => $card->head], false) }}"></span>
            <x-edit-form :to="route('edit.form', [$card->id, $key, 'arrange'])" :card="$card" back="forms"
              class="tune" data-at-once>
              <x-tune-choice id="arrange-{{ $key }}" name="arrangement" label="Arrangement"
                :choices="['' => 'as the whole card'] + $arrangements" :chosen="$form->arrangement->key ?? ''" />
              <x-keep />
            </x-edit-form>
            <ul class="plain-list form-pieces">
              @foreach ($document->filled() as $piece)
                <li>
                  <x-edit-form :to="route('edit.form', [$card->id, $key, 'show'])" :card="$card" back="forms"
                    data-at-once>
                    <input type="hidden" name="piece" value="{{ $piece->id }}">
                    <label class="check"><input type="checkbox" name="shown" value="1"
                        @checked(! in_array($piece->id, $form->without, true))> <span><span
                          class="quiet">{{ Str::lower(__($piece->kind->label())) }}</span>
                        {{ Str::limit($piece->summary(), 40) }}</span></label>
                    <x-keep />
                  </x-edit-form>
                </li>
              @endforeach
            </ul>
            <x-edit-form :to="route('edit.form', [$card->id, $key, 'remove'])" :card="$card" back="forms">
              <button class="btn btn-plain">Take this form away</button>
            </x-edit-form>
          @endif
          <p><a class="btn btn-line"
            href="{{ route('hand-over', ['card' => $card->id, 'form' => $key]) }}">Hand it over</a></p>
        </section>
      @endforeach
    </div>
  </main>
</x-layouts.page>
