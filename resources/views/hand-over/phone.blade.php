<x-layouts.page :title="$card->name">
  <x-slot:head>
    <script type="module" src="{{ asset('js/hand-over.js') }}"></script>
  </x-slot:head>
  <main id="main" class="narrow phone-copy">
    <h1>{{ $card->name }}</h1>
    @if ($html === '')
      <p>Nothing on this card is filled in and shown yet.</p>
    @else
      @if ($forms !== [])
        <nav class="travel" aria-label="How much of it">
          @foreach ($forms as $label => $path)
            <a href="{{ $path }}"
              @if ($whole === $loop->last) aria-current="true" @endif>{{ __($label) }}</a>
          @endforeach
        </nav>
      @endif
      <x-card-sheet :card="$document" :src="$sheet" />
      <div class="way-buttons"><button class="btn btn-stamp" id="copy-rich"
          data-copied="Copied. Paste it into the signature box.">Copy the card</button><span class="copied"
          role="status"></span></div>
      <div class="way-buttons"><button class="btn btn-line" id="copy-text" data-copied="Copied, as words.">Copy its
          words alone</button><span class="copied" role="status"></span></div>
      @foreach ($destinations as $to)
        <details>
          <summary>{{ __($to->label) }}</summary><x-steps :steps="array_slice($to->steps, 1)"
            :drawn="array_slice($to->drawn, 1)" />@include('hand-over.note', ['note' =>
                $notes[$to->key]])@if ($to->replies !== '')
            <p class="help">{{ __($to->replies) }}</p>
          @endif
        </details>
      @endforeach
      <details>
        <summary>Words and source</summary>
        <pre id="text" tabindex="0">{{ $text }}</pre>
        <textarea class="form-control" id="source" readonly aria-label="Source of the card" spellcheck="false">{{ $html
            }}</textarea>
      </details>
    @endif
  </main>
</x-layouts.page>
