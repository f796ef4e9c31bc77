<x-layouts.page title="Quotations" nav="brand">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Quotations</h1>
      <p class="quiet">What you quote, by topic. A quote on a card can say another of them every day, or every time it
        is
        handed over.</p>
      <form method="get" class="list-tools ms-end" data-at-once>
        <select class="form-select" name="topic" aria-label="Topic">
          <option value="">All topics</option>
          @foreach ($topics as $one)
            <option @selected($one === $topic)>{{ $one }}</option>
          @endforeach
        </select><noscript><button class="btn btn-line">Show</button></noscript>
      </form>
      <a class="btn btn-line" href="{{ route('quotations.file') }}" download>Take as text</a>
    </div>
    <x-told />
    @if ($list->isEmpty())
      <div class="empty">
        <h2>Nothing is quoted yet</h2>
        <p>Paste what clients said of you, or lines you like, one a line.</p>
      </div>
    @endif
    <ul class="quotations">
      @foreach ($list as $one)
        @php($bad = $errors->first("row-$one->id"))
        <li>
          <form method="post" action="{{ route('quotation.keep', $one->id) }}" class="quotation">@csrf
            <input class="form-control" name="text" value="{{ $bad ? old('text') : $one->text }}" aria-label="Words"
              aria-describedby="error-{{ $one->id }}" @if ($bad) aria-invalid="true" @endif>
            <input class="form-control" name="by" value="{{ $bad ? old('by') : $one->by }}" aria-label="Whose"
              placeholder="whose">
            <input class="form-control" name="address" value="{{ $bad ? old('address') : $one->address }}"
              inputmode="url"
              aria-label="Where it leads" placeholder="where it leads">
            <input class="form-control" name="topic" value="{{ $bad ? old('topic') : $one->topic }}" list="topics"
              aria-label="Topic" placeholder="topic">
            <button class="btn btn-line" aria-label="Keep “{{ Str::limit($one->text, 40) }}”">Keep</button><button
              class="btn btn-plain" formaction="{{ route('quotation.remove', $one->id) }}"
              aria-label="Remove “{{ Str::limit($one->text, 40) }}”">Remove</button>
          </form>
          <p class="field-error" id="error-{{ $one->id }}">{{ $bad }}</p>
        </li>
      @endforeach
    </ul>
    <x-pages :list="$list" />
    <datalist id="topics">
      @foreach ($topics as $one)
        <option value="{{ $one }}"></option>
      @endforeach
    </datalist>
    <form method="post" action="{{ route('quotations.add') }}" class="stack quotation-add" aria-label="Add quotations">
      @csrf
      <h2>Add</h2>
      <div class="field"><label for="quotation-words">One a line, whose it is behind a dash</label>
        <textarea class="form-control" id="quotation-words" name="words" rows="4"
          placeholder="for example: Our garden has not looked back since. — A client in Eddersby"
          aria-describedby="error-words">{{ old('words') }}</textarea>
        <p class="field-error" id="error-words">{{ $errors->first('words') }}</p>
      </div>
      <div class="field"><label for="quotation-topic">Topic</label>
        <input class="form-control" id="quotation-topic" name="topic" list="topics" maxlength="40"
          value="{{ $errors->has('words') ? old('topic') : '' }}" aria-describedby="error-topic">
        <p class="field-error" id="error-topic">{{ $errors->first('topic') }}</p>
      </div>
      <button class="btn btn-stamp">Add them</button>
    </form>
  </main>
</x-layouts.page>
