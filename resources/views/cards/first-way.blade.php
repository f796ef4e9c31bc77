{{-- Three questions that can be skipped: where it goes, for how many, how free. --}}
<details class="take start-way" @if ($way->isAsked()) open @endif>
  <summary><x-icon name="signpost-split" /> Not sure where to begin? Three questions</summary>
  <div class="start-answers">
    <form method="get" class="list-tools" aria-label="Three questions" data-at-once>
      <label for="way-to">Where do you write mail?</label><select class="form-select" id="way-to" name="to">
        <option value="">skip</option>
        @foreach ($destinations as $group => $all)
          <optgroup label="{{ __($group) }}">
            @foreach ($all as $one)
              <option value="{{ $one->key }}"
                  @selected(($asked['to'] ?? '') === $one->key)>{{ __($one->label) }}</option>
            @endforeach
          </optgroup>
        @endforeach
      </select>
      <label for="way-people">For whom?</label><select class="form-select" id="way-people" name="people">
        <option value="">skip</option>
        @foreach ($way::PEOPLE as $key => $label)
          <option value="{{ $key }}" @selected(($asked['people'] ?? '') === $key)>{{ __($label) }}</option>
        @endforeach
      </select>
      <label for="way-freedom">You want</label><select class="form-select" id="way-freedom" name="freedom">
        <option value="">skip</option>
        @foreach ($way::FREEDOM as $key => $label)
          <option value="{{ $key }}" @selected(($asked['freedom'] ?? '') === $key)>{{ __($label) }}</option>
        @endforeach
      </select>
      <noscript><button class="btn btn-line">Show the way</button></noscript>
    </form>
    @if ($way->isAsked())
      <ol class="plain-steps">
        @foreach ($way->says() as $sentence)
          <li>{{ __($sentence) }}</li>
        @endforeach
      </ol>
      @if (in_array($way->first(), ['sketches', 'blank'], true))
        <form method="post" action="{{ route('cards.store') }}">@csrf<button class="btn btn-line" name="starter"
            value="{{ $way->first() }}">{{ $way->first() === 'blank' ? 'Start from nothing' : 'Sketch with my facts'
                }}</button></form>
      @elseif ($way->first() === 'starters')
        <a class="btn btn-line" href="#starters">To the starters</a>
      @endif
    @endif
  </div>
</details>
