@php($samples = $document->samples())
@php($empty = $html === '')
@php($local = ! $inside && preg_match('#^https?://(localhost|127\.|10\.|192\.168\.|\[)#', $base))
<x-layouts.page :title="'Hand over '.$document->name" nav="cards">
<x-slot:head>
<script type="module" src="/js/hand-over.js"></script>
</x-slot:head>
<main id="main" class="over">
  <section class="over-preview" aria-label="What is handed over">
    <div class="desk-head mb-0">
      <h1>Hand over</h1>
      <p class="quiet">{{ $document->name }} · <a href="{{ route('bench', $card->id) }}">back to the bench</a></p>
    </div>
    <div class="sheet"><iframe id="sheet" src="{{ route('sheet', $card->id) }}" title="The card as sent" sandbox="allow-same-origin allow-popups"></iframe></div>
    <h2>The same as plain text</h2>
    <pre id="text" tabindex="0">{{ $text }}</pre>
  </section>
  <section class="ways" aria-label="Ways to take it">
    @if($empty)
    <p class="notes">Nothing on this card is filled in and shown, so there is nothing to hand over yet. <a href="{{ route('bench', $card->id) }}">Fill it in on the bench</a></p>
    @else
    @if($samples)
    <div class="notes">
      <p><b>Sample values are still in it:</b> {{ implode(', ', array_map(fn ($piece) => Str::lower($piece->kind->label()), $samples)) }}. Readers would take them for yours.</p>
      <form method="post" action="{{ route('edit.samples', $card->id) }}">
        @csrf
        <input type="hidden" name="revision" value="{{ $card->head }}">
        <input type="hidden" name="back" value="hand-over">
        <span class="way-buttons"><a class="btn btn-line" href="{{ route('bench', ['card' => $card->id, 'piece' => $samples[0]->id]) }}">Put mine in</a><button class="btn btn-line">Leave them out</button></span>
      </form>
    </div>
    @endif
    <div class="travel" role="group" aria-label="How pictures travel">
      <span class="quiet">Pictures</span>
      <a href="{{ route('hand-over', $card->id) }}" @if(! $inside) aria-current="true" @endif>fetched from here</a>
      <a href="{{ route('hand-over', ['card' => $card->id, 'inside' => 1]) }}" @if($inside) aria-current="true" @endif>inside the code</a>
    </div>
    @if($document->counted)<p class="help">Presses of its links are counted: they go out as {{ $base }}/go/… and pass on at once. <a href="{{ route('clicks', ['card' => $card->id]) }}">What was pressed</a></p>@endif
    @if($inside)
    <p class="help">Needs no server, but several mail clients do not show pictures carried inside the code, and the code grows to {{ number_format(mb_strlen($html) / 1000, 0) }} k characters.</p>
    @elseif($local)
    <p class="help">Readers would fetch pictures from {{ $base }}, which only this machine and its neighbours reach. Set PUBLIC_URL to the address the world sees, or take pictures inside.</p>
    @else
    <p class="help">Readers fetch pictures from {{ $base }}. They load in every mail client that shows pictures.</p>
    @endif
    <div class="way">
      <h2>Copy it as seen</h2>
      <p class="quiet">For the signature box of a mail client: paste it there. Looks, links and pictures stay.</p>
      <div class="way-buttons"><button class="btn btn-stamp" id="copy-rich" data-copied="Copied, as HTML and as plain text. Paste it into the signature box.">Copy the card</button><span class="copied" role="status"></span></div>
      <ol><li>Open your mail client's settings and find its signature box.</li><li>Press in the box and paste.</li><li>Save the settings, reload, and write yourself a message to see it.</li></ol>
    </div>
    <div class="way">
      <h2>Copy its source</h2>
      <p class="quiet">For systems that take HTML code. One table, {{ number_format(mb_strlen($html)) }} characters.</p>
      <textarea class="form-control" id="source" readonly aria-label="Source of the card" spellcheck="false">{{ $html }}</textarea>
      <div class="way-buttons"><button class="btn btn-line" id="copy-source" data-copied="Copied: the whole source, {{ number_format(mb_strlen($html)) }} characters.">Copy the source</button><span class="copied" role="status"></span></div>
    </div>
    <div class="way">
      <h2>Take it as a file</h2>
      <p class="quiet">A self-contained HTML file, its pictures inside: opens in any browser, needs nothing else.</p>
      <a class="btn btn-line" href="{{ route('hand-over.file', $card->id) }}" download>Download the file</a>
    </div>
    @endif
  </section>
</main>
</x-layouts.page>
