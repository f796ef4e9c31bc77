@php($letter = $page->letter)
@php($was = fn(string $field, string $kept) => isset($refused[$field]) && is_string(request()->input($field)) ?
    mb_scrub(request()->input($field)) : $kept)
<x-layouts.page title="{{ $letter->subject }}" nav="campaigns" class="bench-page">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/footer.js') }}"></script>
  </x-slot:head>
  <main id="main" class="maker footer-maker letter-maker">
    <form method="post" id="maker" action="{{ route('letter.keep', $stored->id) }}" class="maker-words"
      hx-post="{{ route('letter.keep', $stored->id) }}" hx-target="#shown" hx-swap="outerHTML"
      hx-trigger="input delay:200ms, change, submit" hx-sync="this:queue last">
      @csrf
      <input type="hidden" name="number" value="{{ $stored->number }}">
      <div class="maker-head">
        <h1 id="letter-called">A letter</h1>
        <p class="measure" id="kept"
          data-number="{{ $stored->number }}">kept {{ Moments::time($stored->updated_at) }}</p>
      </div>
      @if (session('told'))
        <p class="told" role="status">{{ session('told') }} @if (session('sent'))
            <a href="{{ route('tray') }}">To the mail tray</a>
          @endif
        </p>
      @endif
      @foreach (['subject' => ['Subject', $letter->subject], 'preview' => ['Beside the subject in mailboxes',
          $letter->preview]] as $field => [$label, $value])
        <div class="field"><label for="letter-{{ $field }}">{{ __($label) }}</label>
          <input class="form-control" id="letter-{{ $field }}" name="{{ $field }}" value="{{ $was($field, $value) }}"
            autocomplete="off" aria-describedby="error-{{ $field }}">
          <x-help :topic="'letter.' . $field" />
          <p class="field-error" id="error-{{ $field }}">{{ $refused[$field] ?? '' }}</p>
        </div>
      @endforeach
      <div class="field"><label for="letter-picture">Heading picture</label>
        <select class="form-select" id="letter-picture" name="picture" aria-describedby="error-picture">
          <option value="">None</option>
          @foreach ($pictures as $ref => $name)
            <option value="{{ $ref }}" @selected($letter->picture === $ref)>{{ $name }}</option>
          @endforeach
        </select>
        <p class="field-error" id="error-picture">{{ $refused['picture'] ?? '' }}</p>
        <input class="form-control" name="alt" value="{{ $was('alt', $letter->alt) }}" aria-label="Words in its place"
          placeholder="words in its place" autocomplete="off">
        <p class="field-error" id="error-alt">{{ $refused['alt'] ?? '' }}</p>
      </div>
      <div class="field"><label for="letter-body">Words</label>
        <textarea class="form-control" id="letter-body" name="body" rows="14"
          aria-describedby="help-body error-body">{{ $was('body', $letter->body) }}</textarea>
        <p class="help" id="help-body"># heading · **strong** · *emphasised* · [words](address) · - list · 1. list ·
          &gt; quotation · ---</p>
        <p class="field-error" id="error-body">{{ $refused['body'] ?? '' }}</p>
      </div>
      <fieldset class="field"><legend>One call</legend>
        <input class="form-control" name="call[words]" value="{{ $letter->call->words }}" aria-label="Its words"
          placeholder="Have a look" autocomplete="off">
        <input class="form-control" name="call[address]" value="{{ $letter->call->address }}"
          aria-label="Where it leads" placeholder="where it leads" autocomplete="off" spellcheck="false"
          aria-describedby="error-call">
        <p class="field-error" id="error-call">{{ $refused['call'] ?? '' }}</p>
      </fieldset>
      <div class="field"><label for="letter-card">Signed with</label>
        <select class="form-select" id="letter-card" name="card">
          @foreach ($cards as $id => $name)
            <option value="{{ $id }}" @selected($id === $stored->card_id)>{{ $name }}</option>
          @endforeach
        </select>
      </div>
      <div class="field"><label for="letter-footer">Footer</label>
        <select class="form-select" id="letter-footer" name="footer">
          <option value="0">none: the card alone</option>
          @foreach ($footers as $id => $name)
            <option value="{{ $id }}" @selected($id === $stored->footer_id)>{{ $name }}</option>
          @endforeach
        </select>
      </div>
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </form>
    <section class="maker-stage" aria-label="As readers get it">
      <div class="maker-page">@include('campaigns.letter-shown')</div>
    </section>
    <aside class="maker-designs" aria-label="Proof">
      <h2>Proof</h2>
      <div id="proof" hx-get="{{ route('letter.proof', $stored->id) }}"
        hx-trigger="load, kept from:body delay:900ms" hx-sync="this:replace">
        <p class="help">It is being proofed …</p>
      </div>
    </aside>
    <div class="maker-foot">
      <a class="btn btn-plain" href="{{ route('campaigns') }}">Back to the campaigns</a>
      <form method="post" action="{{ route('letter.remove', $stored->id) }}" class="inline">@csrf<button
          class="btn btn-plain">Remove</button></form>
      <span class="ms-end footer-take">
        <a class="btn btn-plain" href="{{ route('letter.file', [$stored->id, 'as' => 'html']) }}" download>HTML</a>
        <a class="btn btn-plain" href="{{ route('letter.file', [$stored->id, 'as' => 'text']) }}"
          download>plain text</a>
        <a class="btn btn-plain" href="{{ route('letter.file', [$stored->id, 'as' => 'eml']) }}" download>message
          (.eml)</a>
      </span>
      <form method="post" action="{{ route('letter.send', $stored->id) }}" class="inline">@csrf<input type="hidden"
          name="recipient" value="{{ $page->picks->shown }}"><button class="btn btn-stamp">Send it to me</button></form>
    </div>
  </main>
</x-layouts.page>
