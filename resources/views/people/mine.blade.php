<x-layouts.page :title="__('Your card')" nav="people">
  <main id="main" class="narrow mine">
    <h1>{{ __('Your card, :name', ['name' => $person->name]) }}</h1>
    <p class="quiet">{{ __('At :firm. Fill in what is yours; the rest is the same for everybody.', ['firm' =>
        $firm->name]) }}
    </p>
    <x-told />
    <div class="mine-card"><x-card-drawing :card="$own->document()" :src="route('mine.drawing', ['token' => $token,
        'of' => $own->card->head], false)" alt="Your card as it is now" /></div>
    @if ($own->lacking() !== [])
      <p class="notes">{{ __('Still missing: :what.', ['what' => implode(', ', array_map(fn ($one) => mb_strtolower(
          __($one)), $own->lacking()))]) }}</p>
    @else
      <p><a class="btn btn-stamp" href="{{ route('mine.take', $token) }}">Take it into your mail program</a></p>
    @endif
    @if ($findings !== [])
      <ul class="notes">
        @foreach ($findings as $finding)
          <li>{{ $finding }}</li>
        @endforeach
      </ul>
    @endif
    <form method="post" action="{{ route('mine', $token) }}" enctype="multipart/form-data">@csrf
      @foreach ($own->open() as $id => $piece)
        <fieldset>
          <legend>{{ __($piece->kind->label()) }}
            @if ($own->isMust($piece))
              <span class="quiet">has to be there</span>
            @endif
          </legend>
          @foreach ($own::fields($piece) as $field)
            @php($error = $errors->first("$id.$field->name"))
            @php($input = "p-$id-$field->name")
            @if ($field->input === 'picture')
              <label for="{{ $input }}">{{ __('A picture, from here or the camera') }}</label>
              <input class="form-control" type="file" id="{{ $input }}" name="picture[{{ $id }}]"
                accept="image/jpeg,image/png,image/gif,image/webp" aria-describedby="e-{{ $input }}">
              @if ($sliders = $own->sliders($piece))
                <div class="mine-crop" role="group" aria-label="Which part of it shows">
                  @foreach (['share' => 'How much of it', 'across' => 'Across', 'down' => 'Down'] as $key => $label)
                    <label>{{ __($label) }} <input type="range" name="crop[{{ $id }}][{{ $key }}]"
                        min="{{ $key === 'share' ? 10 : 0 }}" max="100"
                        value="{{ round($sliders[$key] * 100) }}"></label>
                  @endforeach
                </div>
              @endif
            @else
              <label for="{{ $input }}">{{ __($field->label) }}</label>
              @php($value = old("p.$id.$field->name", implode("\n", (array) ($piece->fields[$field->name] ?? ''))))
              @if (in_array($field->input, ['lines', 'paragraphs', 'sentences', 'profiles'], true))
                <textarea class="form-control" id="{{ $input }}" name="p[{{ $id }}][{{ $field->name }}]" rows="3"
                  aria-describedby="e-{{ $input }}">{{ $value }}</textarea>
              @else
                <input class="form-control" id="{{ $input }}" name="p[{{ $id }}][{{ $field->name }}]"
                  type="{{ ['tel' => 'tel', 'date' => 'date', 'time' => 'time', 'email' => 'email'][$field->input] ??
                      'text' }}" value="{{ $value }}" autocomplete="off" aria-describedby="e-{{ $input }}"
                  @if ($error) aria-invalid="true" @endif>
              @endif
            @endif
            <p class="field-error" id="e-{{ $input }}">{{ $error }}</p>
          @endforeach
          @if ($piece->filledBy->value === 'free')
            <input type="hidden" name="shown[{{ $id }}]" value="0">
            <label class="check"><input type="checkbox" name="shown[{{ $id }}]" value="1" @checked($piece->shown)> on my
              card</label>
          @endif
        </fieldset>
      @endforeach
      <button class="btn btn-stamp">Keep</button>
    </form>
    @if ($help !== '')
      <p class="help">Questions: <a href="mailto:{{ $help }}" translate="no">{{ $help }}</a></p>
    @endif
  </main>
</x-layouts.page>
