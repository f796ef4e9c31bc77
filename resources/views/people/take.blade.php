<x-layouts.page :title="__('Take your card')" nav="people">
  <x-slot:head>
    <script type="module" src="{{ asset('js/hand-over.js') }}"></script>
  </x-slot>
  <main id="main" class="narrow mine phone-copy" data-taken="{{ route('mine.taken', $token, false) }}"
    data-to="{{ $to->key }}" data-inside="0">
    <h1>Take your card</h1>
    <p><a href="{{ route('mine', $token) }}">Back to your card</a></p>
    @if ($lacking !== [])
      <p class="notes">{{ __('Still missing: :what.', ['what' => implode(', ', array_map(fn ($one) => mb_strtolower(
          __($one)), $lacking))]) }}</p>
    @else
      <form method="get" class="with-button">
        <label for="to">Your mail program</label>
        <select class="form-select" id="to" name="to">
          @foreach ($destinations as $one)
            <option value="{{ $one->key }}" @selected($one->key === $to->key)>{{ __($one->label) }}</option>
          @endforeach
        </select>
        <button class="btn btn-line">Show how</button>
      </form>
      <x-card-sheet :card="$own->document()" :src="route('mine.sheet', $token, false)" />
      <div class="way-buttons"><button class="btn btn-stamp" id="copy-rich"
          data-copied="Copied. Paste it into the signature box.">Copy the card</button><span class="copied"
          role="status"></span></div>
      <x-steps :steps="array_slice($to->steps, 1)" :drawn="array_slice($to->drawn, 1)" />
      @include('hand-over.note')
      @if ($to->replies !== '')
        <p class="help">{{ __($to->replies) }}</p>
      @endif
      @if ($rollout)
        <h2>Then send a test</h2>
        <p>{{ __('A message of a line will do: to') }} <a translate="no"
          href="mailto:{{ $rollout->tests_to }}?subject={{
            rawurlencode($rollout->tag) }}">{{ $rollout->tests_to }}</a>{{ __(', with “:tag” in its subject.', ['tag' =>
            $rollout->tag]) }}</p>
      @endif
      <h2>To see that it worked</h2>
      <x-steps :steps="$to::CHECK" :drawn="$to::CHECK_DRAWN" />
      <details>
        <summary>Words and source</summary>
        <pre id="text" tabindex="0">{{ $text }}</pre>
        <textarea class="form-control" id="source" readonly aria-label="Source of the card" spellcheck="false">{{ $html
            }}</textarea>
        <p><a href="{{ route('mine.file', ['token' => $token, 'as' => 'page']) }}" download>The card as a page</a></p>
      </details>
    @endif
  </main>
</x-layouts.page>
