@php($samples = $document->samples())
@php($empty = $html === '')
@php($local = !$inside && preg_match('#^https?://(localhost|127\.|10\.|192\.168\.|\[)#', $base))
<x-layouts.page :title="'Hand over ' . $document->name" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/hand-over.js') }}"></script>
  </x-slot:head>
  <main id="main" class="over" data-taken="{{ route('hand-over.taken', $card->id) }}" data-to="{{ $to->key }}"
    data-inside="{{ (int) $inside }}">
    <section class="over-preview" aria-label="What is handed over">
      <div class="desk-head">
        <h1>Hand over</h1>
        <p class="quiet">{{ $document->name }} · <x-to-bench :card="$card->id">back to the bench</x-to-bench></p>
      </div>
      @if (session('told'))
        <p class="told" role="status">{{ session('told') }}</p>
      @endif
      @if ($use)
        <p>@include('cards.in-use')</p>
      @endif
      <x-card-sheet :card="$document" :src="route('sheet', array_filter(['card' => $card->id, 'form' => $form]))" />
      <h2>The same as plain text</h2>
      <pre id="text" tabindex="0">{{ $text }}</pre>
    </section>
    <section class="ways" aria-label="Ways to take it">
      @if ($empty)
        <p class="notes">Nothing on this card is filled in and shown, so there is nothing to hand over yet. <x-to-bench
            :card="$card->id">Fill it in on the bench</x-to-bench></p>
      @else
        @if ($samples)
          <div class="notes">
            <p><b>Sample values are still in it:</b>
              {{ implode(', ', array_map(fn($piece) => Str::lower(__($piece->kind->label())), $samples)) }}. Readers
                  would
              take them for yours.</p>
            @can('make')
            <form method="post" action="{{ route('edit.samples', $card->id) }}">
              @csrf
              <input type="hidden" name="revision" value="{{ $card->head }}">
              <input type="hidden" name="back" value="hand-over">
              <span class="way-buttons"><a class="btn btn-line"
                  href="{{ route('bench', ['card' => $card->id, 'piece' => $samples[0]->id]) }}">Put mine in</a><button
                  class="btn btn-line">Leave them out</button></span>
            </form>
            @endcan
          </div>
        @endif
        <details class="destinations">
          <summary><span class="quiet">Where does it go?</span> <b>{{ __($to->label) }}</b> <span
              class="choose">choose</span></summary>
          <input class="form-control" type="search" id="find-destination" aria-label="Find a destination"
            placeholder="Find: Outlook, phone, newsletter, file" autocomplete="off">
          <nav aria-label="Destinations">
            @foreach (collect($destinations)->groupBy('group') as $group => $rows)
              <div class="destination-group">
                <h3>{{ __($group) }}</h3>
                <ul>
                  @foreach ($rows as $row)
                    <li data-words="{{ Str::lower($row->label . ' ' . $row->words . ' ' . $group) }}"><a
                        href="{{ route('hand-over', array_filter(['card' => $card->id, 'to' => $row->key,
                            'form' => $form, 'inside' => $inside ? 1 : null])) }}"
                        @if ($row->key === $to->key) aria-current="true" @endif>{{ __($row->label) }}</a></li>
                  @endforeach
                </ul>
              </div>
            @endforeach
          </nav>
          <p class="help destinations-none" hidden>None of that name. Any mail program takes the card as copied.</p>
        </details>
        @if ($forms !== [])
          <div class="travel" role="group" aria-label="Which form">
            <span class="quiet">Form</span>
            @foreach (['' => 'the whole card'] + $forms as $key => $label)
              <a href="{{ route('hand-over', array_filter(['card' => $card->id, 'to' => $to->key, 'form' => $key])) }}"
                @if ($form === $key) aria-current="true" @endif>{{ $key === '' ? $label : "for $label" }}</a>
            @endforeach
          </div>
        @endif
        @if ($to->picturesGo() === null)
          <div class="travel" role="group" aria-label="How pictures travel">
            <span class="quiet">Pictures</span>
            <a href="{{ route('hand-over', array_filter(['card' => $card->id, 'to' => $to->key, 'form' => $form])) }}"
              @if (!$inside) aria-current="true" @endif>fetched from here</a>
            <a href="{{ route('hand-over', array_filter(['card' => $card->id, 'to' => $to->key, 'form' => $form,
                'inside' => 1])) }}"
              @if ($inside) aria-current="true" @endif>inside the code</a>
          </div>
          @if ($inside)
            <p class="help">{{ $showsInside
                ? 'Needs no server, but several mail clients do not show pictures carried inside the code,'
                : "$to->label does not show pictures carried inside the code: take them fetched," }}
              and the code grows to {{ Number::format(mb_strlen($html) / 1000, 0) }} k characters.</p>
          @elseif($local)
            <p class="help">Readers would fetch pictures from {{ $base }}, which only this machine and its
              neighbours reach. Set PUBLIC_URL to the address the world sees{{ $showsInside
                  ? ', or take pictures inside.' : '. Taken inside the code, they would not show '
                      . ($to->key === 'any' ? 'in every program.' : 'there.') }}</p>
          @else
            <p class="help">Readers fetch pictures from {{ $base }}. They load in every mail client that
              shows pictures.</p>
          @endif
        @else
          <p class="help">{{ $to->picturesGo() }}</p>
        @endif
        @foreach ($holds as $sentence)
          <p class="notes"><span>{{ $sentence }}</span></p>
        @endforeach
        @if ($to->isMarkup())
          <details class="costs">
            <summary>What each way costs</summary>
            <ul>
              @foreach ($travels as [$travel, $weight, $lost])
                <li><b>{{ ucfirst(__($travel->label())) }}</b>: {{ Number::format(max(1, $weight / 1000), 0) }} KB a
                    message<p
                    class="help">{{ __($travel->says()) }}
                    {{ $lost === [] ? 'Every stand-in shows them.' : 'Not shown by ' . implode('; ', $lost) . '.' }}</p>
                </li>
              @endforeach
            </ul>
          </details>
        @endif
        @if ($document->counted && $to->isMarkup())
          <p class="help">Clicks of its links are counted: they go out as {{ $base }}/go/… and pass on at
            once. <a href="{{ route('clicks', ['card' => $card->id]) }}">What was clicked</a></p>
        @endif
        @php($due = array_values(array_unique(array_column(array_filter(
            $proof->findings, fn($finding) => $finding->severity->value !== 'advice'), 'title'))))
        @if ($due !== [])
          <div class="notes">
            <p>The proof found:</p>
            <ul>
              @foreach ($due as $title)
                <li>{{ __($title) }}</li>
              @endforeach
            </ul>
            <p><a href="{{ route('proof', $card->id) }}">Look at {{ count($due) === 1 ? 'it' : 'them' }} first</a></p>
          </div>
        @endif
        <div class="way" id="way">
          <h2>{{ __($to->label) }}</h2>
          @if ($to->onPhone())
            <div class="phone-code">
              <div class="code-picture" data-code="{{ $phone }}" role="img"
                aria-label="Code of the address below"></div>
              <p>Point the phone's camera at the code. The card opens there, without signing in, in a short form for
                phones with a button to copy it; the whole card is one click away. <a href="{{ $phone }}">Open
                  its page here</a><br><span class="quiet">Works for
                  {{ $hours }} hours, for whoever has the address.</span>
                @if ($local)
                  <br><span class="quiet">A phone does not reach this address: set PUBLIC_URL first.</span>
                @endif
              </p>
            </div>
          @elseif($to->takes === 'rich' || $to->takes === 'one-picture')
            @if ($to->takes === 'one-picture')
              <x-card-drawing class="drawn-card" :card="$document" :src="route('hand-over.file', array_filter(['card' =>
                  $card->id, 'as' => 'png', 'form' => $form]))" alt="The card as it is drawn" loading="lazy" />
            @endif
            <p class="quiet">{{ $to->takes === 'rich' ? 'Copied as seen: looks, links and pictures stay.'
                : 'Copied as one picture, with its address and its link.' }}</p>
            <div class="way-buttons"><button class="btn btn-stamp" id="copy-rich"
                data-copied="Copied, as HTML and as plain text. Paste it into the signature box.">Copy the
                card</button><span class="copied" role="status"></span></div>
          @elseif($to->takes === 'placed')
            <a class="btn btn-stamp" href="{{ route('mailbox', $card->id) }}">Open the mailbox</a>
          @elseif($to->takes === 'source')
            <p class="quiet">One table, {{ Number::format(mb_strlen($html), 0) }} characters.</p>
            <div class="way-buttons"><button class="btn btn-stamp" id="copy-source"
                data-copied="Copied: the whole source, {{ Number::format(mb_strlen($html), 0) }} characters.">Copy the
                source</button><span class="copied" role="status"></span></div>
          @elseif ($to->takes === 'ics' && ! $dated)
            <p class="quiet">This card has no event with a day. <x-to-bench :card="$card->id">Add one on
                the bench</x-to-bench></p>
          @else
            <a class="btn btn-stamp" href="{{ route('hand-over.file', array_filter(['card' => $card->id,
                'as' => $to->takes, 'to' => $to->key, 'form' => $form])) }}"
              download>Take the file</a>
            @if ($to->takes === 'png')
              <x-card-drawing class="drawn-card" :card="$document" :src="route('hand-over.file', array_filter(['card' =>
                  $card->id, 'as' => 'png', 'form' => $form]))" alt="The card as it is drawn" loading="lazy" />
            @endif
            @if ($to->takes === 'template')
              <p class="help">
                @if ($readies->isEmpty())
                  It has only blanks. Words you send often can be kept as
                  <a href="{{ route('ready') }}">ready messages</a>.
                @else
                  Or with the words of a <a href="{{ route('ready') }}">ready message</a>:
                @endif
              </p>
              @if ($readies->isNotEmpty())
                <ul class="plain-list">
                  @foreach ($readies as $id => $name)
                    <li><a href="{{ route('ready.file', [$id, 'card' => $card->id]) }}"
                        download>{{ $name }}</a></li>
                  @endforeach
                </ul>
              @endif
            @endif
          @endif
          @if ($to->onPhone() && auth()->user()->can('make'))
            <p class="help">To change what the short form says, <a href="{{ route('forms', $card->id) }}">shape the form
                for phones</a>.</p>
          @endif
          <x-steps :steps="$to->steps" :drawn="$to->drawn" />
          @include('hand-over.note')
          @if ($to->replies !== '')
            <p class="help"><b>Replies and several addresses:</b> {{ __($to->replies) }}</p>
          @endif
          @if ($to->once !== '')
            <p class="help"><b>For one message without it:</b> {{ __($to->once) }}</p>
          @endif
          @if ($to->client !== 'plain-text')
            <p class="help"><b>What changes there:</b>
              {{ $reading->verdict() === '' ? 'nothing readers would miss' : $reading->verdict() }}. <a
                href="{{ route('proof.compare', [$card->id, $to->client]) }}">See it as
                {{ Str::lower(__($client->label)) }}</a></p>
          @endif
          @if (
              $to->takes === 'rich' ||
                  $to->takes === 'source' ||
                  in_array($to->takes, ['placed', 'folder', 'mailsignature', 'html-file', 'one-picture']))
            <details>
              <summary>Did it work?</summary><x-steps :steps="$to::CHECK" :drawn="$to::CHECK_DRAWN" />
            </details>
          @endif
          <form method="post" action="{{ route('tray.send') }}" class="way-buttons">@csrf<input type="hidden"
              name="test" value="1"><input type="hidden" name="card"
              value="{{ $card->id }}"><input type="hidden" name="from" value="{{ $address }}"><input
              type="hidden" name="to" value="{{ auth()->user()->email }}"><input type="hidden"
              name="subject" value="Test of {{ $document->name }}"><input type="hidden" name="body"
              value="This is a test of my signature."><button class="btn btn-line">Send yourself a test</button><span
              class="help">{{ config('mail.default') === 'tray' ?
                  'to the mail tray, a stand-in mailbox that looks whether it arrived' : 'to ' . auth()->user()->email
                      }}</span>
          </form>
          <form method="post" action="{{ route('tray.send') }}" class="send-directions">@csrf<input type="hidden"
              name="card" value="{{ $card->id }}"><input type="hidden" name="from"
              value="{{ auth()->user()->email }}"><input type="hidden" name="subject"
              value="Your card for {{ __($to->label) }}"><input type="hidden" name="body"
              value="{{ $to->directions($phone, $note) }}">
            <label for="send-to">Send these directions with the card</label><span class="way-buttons"><input
                class="form-control" id="send-to" name="to" type="email" required
                placeholder="for example tobiah@quillfern.example" autocomplete="email"><button
                class="btn btn-line">Send</button></span>
          </form>
          <form method="post" action="{{ route('ready.store') }}">@csrf<input type="hidden" name="name"
              value="{{ Str::limit('Directions: ' . $to->label, 77) }}"><input type="hidden" name="subject"
              value="Your card for {{ __($to->label) }}"><input type="hidden" name="body"
              value="{{ $to->directions('[address of its page]', $note) }}"><button class="btn-words">Keep these
              directions as a ready message</button></form>
          @php($bad = session('note_refused', []))
          <details id="house-note" class="house-note" @if ($bad !== [] || session('note_told')) open @endif>
            <summary>Add a film or a word of your own to these directions</summary>
            @if (session('note_told'))
              <p class="told" role="status">{{ session('note_told') }}</p>
            @endif
            <form method="post" action="{{ route('hand-over.note', [$card->id, $to->key]) }}" class="stack">@csrf
              <div><label for="note-film">Address of a film of yours</label><input class="form-control"
                  id="note-film" name="film" inputmode="url" autocomplete="off"
                  value="{{ $bad === [] ? $note->film : old('film') }}" aria-describedby="error-film"
                  @isset($bad['film']) aria-invalid="true" @endisset>
                <p class="field-error" id="error-film">{{ $bad['film'] ?? '' }}</p>
              </div>
              <div><label for="note-note">A word, such as whom to ask</label><input class="form-control"
                  id="note-note" name="note" autocomplete="off"
                  value="{{ $bad === [] ? $note->note : old('note') }}" aria-describedby="error-note"
                  @isset($bad['note']) aria-invalid="true" @endisset>
                <x-help topic="directions.note" />
                <p class="field-error" id="error-note">{{ $bad['note'] ?? '' }}</p>
              </div>
              <label class="check"><input type="checkbox" name="all" value="1"> <span>for every
                  destination</span></label>
              <button class="btn btn-line">Keep it</button>
            </form>
          </details>
          <p class="help">Directions written {{ Moments::day($to->written, 'long') }};
            menus move. <a href="{{ route('hand-over.directions', [$card->id, $to->key]) }}">To print</a></p>
        </div>
        <div class="way">
          <h2>Its source</h2>
          <textarea class="form-control" id="source" readonly aria-label="Source of the card" spellcheck="false">{{
              $html }}</textarea>
          <div class="way-buttons">
            @if ($to->takes !== 'source')
              <button class="btn btn-line" id="copy-source"
                data-copied="Copied: the whole source, {{ Number::format(mb_strlen($html), 0) }} characters.">Copy the
                source</button><span class="copied" role="status"></span>
              @endif @if ($to->takes !== 'rich' || $to->onPhone())
                <button class="btn btn-line" id="copy-rich" data-copied="Copied, as HTML and as plain text.">Copy the
                  card as seen</button><span class="copied" role="status"></span>
              @endif <a class="btn btn-plain" href="{{ route('hand-over.file', $card->id) }}"
                download>Download the file</a>
          </div>
        </div>
      @endif
    </section>
  </main>
</x-layouts.page>
