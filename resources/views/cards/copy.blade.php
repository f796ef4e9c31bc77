<x-layouts.page title="Copy a card" nav="cards">
  <main id="main" class="narrow">
    <h1>Copy {{ $card->name }}</h1>
    <form method="post" action="{{ route('cards.copy.store', $card->id) }}" class="stack">
      @csrf
      @foreach ([
          ['name', 'What the copy is called',
              mb_substr($card->name, 0, 73) . (request()->boolean('short') ? ', short' : ' copy'),
              'Its purpose, such as new clients or replies.'],
          ['holder', 'For whom', $card->document()->holder(),
              'For somebody else, what is personal is marked as a sample until it is theirs.'],
          ['email', 'Their mail address', '', 'Left empty, the card keeps the one it has.'],
      ] as [$field, $label, $value, $help])
        <div><label for="copy-{{ $field }}">{{ __($label) }}</label><input class="form-control"
            id="copy-{{ $field }}" name="{{ $field }}"
            value="{{ request()->isMethod('post') && is_string(request()->input($field)) ?
                mb_scrub(request()->input($field)) : $value }}"
            autocomplete="off" aria-describedby="error-{{ $field }}"
            @if (isset($refused[$field])) aria-invalid="true" @endif>
          <p @class([
              'help' => !isset($refused[$field]),
              'field-error' => isset($refused[$field]),
          ]) id="error-{{ $field }}">{{ $refused[$field] ?? __($help) }}</p>
        </div>
      @endforeach
      <div><label class="check"><input type="checkbox" name="short" value="1" aria-describedby="help-short"
            @checked(request()->boolean('short'))> <span>Shorten it for phones and replies</span></label>
        <p class="help" id="help-short">Who, one number, one site, one call, and what the law wants said. The rest is
          hidden, not taken away.</p>
      </div>
      <button class="btn btn-stamp">Copy it</button>
    </form>
  </main>
</x-layouts.page>
