@php($footer = $page->footer)
@php($stored = $page->stored)
@php($was = fn(string $at, string $kept) => isset($refused[$at])
    && is_string(request()->input(str_replace('/', '.', $at))) ?
    mb_scrub(request()->input(str_replace('/', '.', $at))) : $kept)
<x-layouts.page title="{{ $footer->name }}" nav="campaigns" class="bench-page">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/footer.js') }}"></script>
  </x-slot:head>
  <main id="main" class="maker footer-maker">
    <form method="post" id="maker" action="{{ route('footer.keep', $stored->id) }}" class="maker-words"
      hx-post="{{ route('footer.keep', $stored->id) }}" hx-target="#shown" hx-swap="outerHTML"
      hx-trigger="input delay:150ms, change, submit" hx-sync="this:queue last">
      @csrf
      <input type="hidden" name="number" value="{{ $stored->number }}">
      <div class="maker-head">
        @include('campaigns.footer-kept', ['swap' => null])
      </div>
      @if (session('told'))
        <p class="told" role="status">{{ session('told') }}</p>
      @endif
      <div class="field"><label for="footer-name">Called</label>
        <input class="form-control" id="footer-name" name="name" value="{{ $was('name', $footer->name) }}"
          autocomplete="off" maxlength="80" aria-describedby="error-name">
        <p class="field-error" id="error-name">{{ $refused['name'] ?? '' }}</p>
      </div>
      <div class="field"><label for="footer-card">Sender’s card</label>
        <select class="form-select" id="footer-card" name="card">
          @foreach ($cards as $id => $name)
            <option value="{{ $id }}" @selected($id === $stored->card_id)>{{ $name }}</option>
          @endforeach
        </select>
      </div>
      <div class="field"><label for="footer-form">Stands in it</label>
        <select class="form-select" id="footer-form" name="form">
          @foreach ($footer::FORMS as $key => $label)
            <option value="{{ $key }}" @selected($footer->form === $key)>{{ __($label) }}</option>
          @endforeach
        </select>
      </div>
      <div class="field"><label for="footer-style">Tokens are written</label>
        <select class="form-select" id="footer-style" name="style">
          @foreach ($page->styles() as $key => $label)
            <option value="{{ $key }}" @selected($footer->style->key === $key)>{{ __($label) }}</option>
          @endforeach
          <option value="" @selected($footer->style->key === '')>signs of their own</option>
        </select>
        <div class="size-own style-own"><input class="form-control" name="own[open]"
            value="{{ $was('style/open', $footer->style->open) }}" aria-label="Before the name" maxlength="4"> name
          <input class="form-control" name="own[close]" value="{{ $was('style/close', $footer->style->close) }}"
            aria-label="Behind the name" maxlength="4"> else
          <input class="form-control" name="own[fallback]" value="{{ $footer->style->fallback }}"
            aria-label="Before words for those without it" maxlength="4"></div>
        <x-help topic="footer.style" /><x-help topic="footer.fallback" />
        <p class="field-error" id="error-style">{{ $refused['style']
            ?? ($refused['style/open'] ?? ($refused['style/close'] ?? '')) }}</p>
      </div>
      @foreach (['why' => ['Why they get this', 2], 'firm' => ['Who sends it, with the postal address', 2],
          'registration' => ['Registration', 1]] as $part => [$label, $rows])
        <div class="field"><label for="footer-{{ $part }}">{{ __($label) }}</label>
          <textarea class="form-control" id="footer-{{ $part }}" name="{{ $part }}" rows="{{ $rows }}"
            aria-describedby="error-{{ $part }}">{{ $was($part, $footer->text($part)) }}</textarea>
          <x-help :topic="'footer.' . $part" />
          <p class="field-error" id="error-{{ $part }}">{{ $refused[$part] ?? '' }}</p>
        </div>
      @endforeach
      @foreach (['unsubscribe' => 'Unsubscribe', 'preferences' => 'Choose what they get',
          'browser' => 'Read in a browser'] as $part => $label)
        <fieldset class="field"><legend>{{ __($label) }}</legend>
          <input class="form-control" name="{{ $part }}[words]"
            value="{{ $was("$part/words", $footer->link($part)->words) }}" placeholder="{{ __($label) }}"
            aria-label="{{ __($label) }}: words" autocomplete="off">
          <input class="form-control" name="{{ $part }}[address]"
            value="{{ $was("$part/address", $footer->link($part)->address) }}"
            placeholder="a token, or an address with one" aria-label="{{ __($label) }}: where it leads"
                autocomplete="off"
            spellcheck="false" aria-describedby="error-{{ $part }}">
          <p class="field-error" id="error-{{ $part }}">{{ $refused["$part/address"]
              ?? ($refused["$part/words"] ?? '') }}</p>
        </fieldset>
      @endforeach
      <fieldset class="field"><legend>Recipients are in</legend>
        <input type="hidden" name="asks" value="1">
        <div class="footer-countries">
          @foreach ($page->countries() as $code => $name)
            <label class="check"><input type="checkbox" name="countries[]" value="{{ $code }}"
                @checked(in_array($code, $footer->countries, true))> {{ $name }}</label>
          @endforeach
        </div>
      </fieldset>
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </form>
    <section class="maker-stage" aria-label="As recipients have it">
      <div class="maker-page">
        @include('campaigns.footer-shown')
        <details class="footer-sample" @if ($errors->has('sample')) open @endif>
          <summary>Learn the tokens from a message of the sending system</summary>
          <form method="post" action="{{ route('footer.learn', $stored->id) }}" class="stack">@csrf
            <textarea class="form-control" name="sample" rows="4" aria-label="A message with tokens"
              aria-describedby="error-sample">{{ old('sample') }}</textarea>
            <p class="field-error" id="error-sample">{{ $errors->first('sample') }}</p>
            <button class="btn btn-line">Learn them</button>
          </form>
        </details>
        <details class="footer-recipients" @if ($errors->has('rows')) open @endif>
          <summary>Bring recipients</summary>
          <form method="post" action="{{ route('recipients.bring') }}" enctype="multipart/form-data" class="stack">@csrf
            <input type="hidden" name="footer" value="{{ $stored->id }}">
            <textarea class="form-control" name="rows" rows="4" aria-label="Rows of a table, headings first"
              placeholder="email, first_name, city" aria-describedby="error-rows">{{ old('rows') }}</textarea>
            <label for="recipients-file" class="help">Or a file (CSV). Headings are the names of tokens; one is called
              email.</label>
            <input class="form-control" type="file" id="recipients-file" name="file" accept=".csv,.tsv,.txt,text/csv">
            <p class="field-error" id="error-rows">{{ $errors->first('rows') }}</p>
            <button class="btn btn-line">Bring them in</button>
          </form>
        </details>
      </div>
    </section>
    <aside class="maker-designs" aria-label="What it has, and what it lacks">
      <h2>What it has</h2>
      @include('campaigns.footer-findings', ['swap' => null])
      <h2>Proof</h2>
      <div id="proof" hx-get="{{ route('footer.proof', [$stored->id, 'recipient' => $page->picks->shown]) }}"
        hx-trigger="load, kept from:body delay:900ms" hx-sync="this:replace">
        <p class="help">It is being proofed …</p>
      </div>
    </aside>
    <div class="maker-foot">
      <a class="btn btn-plain" href="{{ route('campaigns') }}">Back to the campaigns</a>
      <form method="post" action="{{ route('footer.remove', $stored->id) }}" class="inline">@csrf<button
          class="btn btn-plain">Remove</button></form>
      <span class="ms-end footer-take">
        <button type="button" class="btn btn-line" id="copy-footer"
          data-from="{{ route('footer.file', [$stored->id, 'as' => 'html']) }}">Copy the HTML</button>
        <span class="copied" role="status"></span>
        <a class="btn btn-plain" href="{{ route('footer.file', [$stored->id, 'as' => 'html']) }}" download>HTML file</a>
        <a class="btn btn-plain" href="{{ route('footer.file', [$stored->id, 'as' => 'page']) }}"
          download>whole page</a>
        <a class="btn btn-plain" href="{{ route('footer.file', [$stored->id, 'as' => 'text']) }}"
          download>plain text</a>
      </span>
      <form method="post" action="{{ route('footer.give', $stored->id) }}" class="inline">@csrf
        @include('campaigns.footer-give', ['swap' => null])
      </form>
    </div>
  </main>
</x-layouts.page>
