<div id="conflict" class="conflict" @isset($swap) hx-swap-oob="true" @endisset>
  @if ($conflict)
    @php($piece = $bench->piece($changed))
    <div role="alert">
      <h2>Changed elsewhere meanwhile</h2>
      <p>{{ $conflict['words'] }}, kept {{ Moments::time($conflict['at']) }}. Your edit was made on an older revision
        and was not kept.</p>
      @if ($piece && $conflict['typed'] !== [])
        <dl>
          @foreach ($piece->kind->fields() as $field)
            @if (isset($conflict['typed'][$field->name]))
              @php($stored = $piece->fields[$field->name] ?? '')
              <dt>{{ __($field->label) }}</dt>
              <dd>now: <q>{{ is_array($stored) ? implode(', ', $stored) : $stored }}</q></dd>
              <dd>yours: <q>{{ mb_scrub($conflict['typed'][$field->name]) }}</q></dd>
            @endif
          @endforeach
        </dl>
        <x-edit-form :to="route('edit.fill', [$bench->card->id, $piece->id])" :card="$bench->card" :open="$open"
          edit="again">
          <input type="hidden" name="whole" value="1">
          @foreach ($conflict['typed'] as $name => $value)
            <input type="hidden" name="fields[{{ $name }}]" value="{{ mb_scrub($value) }}">
          @endforeach
          <button class="btn btn-line">Put mine on top</button>
        </x-edit-form>
      @endif
      @if (is_string(request()->input('revision')) && ctype_digit(request()->input('revision')))
        <a
          href="{{ route('history.compare', ['card' => $bench->card->id, 'one' => request()->input('revision'), 'other'
              => $bench->card->head]) }}">See
          what is different</a>
      @endif
      <a data-drop href="{{ route('bench', ['card' => $bench->card->id, 'piece' => $open]) }}">Show the card as it is
          now</a>
    </div>
  @endif
</div>
