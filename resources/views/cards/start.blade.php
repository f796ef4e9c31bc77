<x-layouts.page title="Start a card" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Start a card</h1>
      <p class="quiet">{{ $starters === [] ? '' : count($starters).' starters. ' }}Your name and what
        {{ $workspace->name }} keeps for everybody are already in. Everything can be changed.</p>
    </div>
    <div class="start-ways">
      <form method="get" class="list-tools" aria-label="Which starters" data-at-once>
        <label for="trade">What you do</label><select class="form-select" id="trade" name="trade">
          <option value="">anything</option>
          @foreach ($trades as $key => $one)
            <option value="{{ $key }}" @selected($key === $trade)>{{ __($one) }}</option>
          @endforeach
        </select>
        <label for="mood">How it comes across</label><select class="form-select" id="mood" name="mood">
          <option value="">any way</option>
          @foreach ($moods as $one)
            <option value="{{ $one }}" @selected($one === $mood)>{{ __($one) }}</option>
          @endforeach
        </select>
        <label for="inks">Colours</label><select class="form-select" id="inks" name="inks">
          <option value="own" @selected($inks === 'own')>their own</option>
          <option value="ours" @selected($inks === 'ours')>our brand’s</option>
        </select>
        <noscript><button class="btn btn-line">Show</button></noscript>
        @if ($trade !== '' || $mood !== '')
          <a href="{{ route('start') }}">All</a>
        @endif
      </form>
      <form method="post" action="{{ route('cards.store') }}" class="start-buttons">@csrf<button
          class="btn btn-stamp" name="starter" value="sketches"
          title="24 whole designs with what is known of you">Sketch with my facts</button><button
          class="btn btn-line" name="starter" value="blank">Start from nothing</button></form>
    </div>
    @include('cards.first-way')
    <details class="take start-bring" @if ($refused !== []) open @endif>
      <summary><x-icon name="clipboard" /> From what you have: a signature to paste, a file, a public page, another card
      </summary>
      <div class="start-have">
        <form method="post" action="{{ route('cards.bring') }}" class="stack">@csrf<div><label for="text">Paste
              it</label>
            <textarea class="form-control" id="text" name="text" rows="5"
              placeholder="for example&#10;Maren Oakhollow&#10;Principal garden designer&#10;+44 1632 960147"
              aria-describedby="error-text"
              @if (isset($refused['text'])) aria-invalid="true" @endif>{{ is_string(request()->input('text')) ?
                  mb_scrub(request()->input('text')) : '' }}</textarea>
            <p @class([
                'help' => !isset($refused['text']),
                'field-error' => isset($refused['text']),
            ]) id="error-text">
              {{ $refused['text'] ?? 'Text or HTML. You look it over line by line before it is a card.' }}</p>
          </div><button class="btn btn-line">Read it</button></form>
        <form method="post" action="{{ route('cards.bring') }}" enctype="multipart/form-data" class="stack">@csrf<div>
            <label for="file">A file: a message, a saved signature, a contact, a card document</label><input
              class="form-control" id="file" type="file" name="file"
              accept=".json,.eml,.htm,.html,.vcf,.csv,.xlsx,.ods,.txt"
              aria-describedby="error-file" @if (isset($refused['file'])) aria-invalid="true" @endif>
            <p @class([
                'help' => !isset($refused['file']),
                'field-error' => isset($refused['file']),
            ]) id="error-file">
              {{ $refused['file'] ?? '.eml, .html, .vcf, .csv, .xlsx or .ods of one person, .txt or .json, up to 5 MB.'
                  }}
            </p>
          </div><button class="btn btn-line">Open it</button></form>
        <form method="post" action="{{ route('cards.bring') }}" class="stack">@csrf<div><label for="address">A
              public page about you</label><input class="form-control" id="address" name="address" inputmode="url"
              autocomplete="off"
              value="{{ is_string(request()->input('address')) ? mb_scrub(request()->input('address')) : '' }}"
              aria-describedby="error-address" @if (isset($refused['address'])) aria-invalid="true" @endif>
            <p @class([
                'help' => !isset($refused['address']),
                'field-error' => isset($refused['address']),
            ]) id="error-address">
              {{ $refused['address'] ?? 'Read once, by what it states for machines.' . (config('inky.stand_ins') ?
                  ' A stand-in to try: https://people.quillfern.example/maren-oakhollow' : '') }}
            </p>
          </div><button class="btn btn-line">Read the page</button></form>
        <div>
          <p class="help">Another card, for a new person or purpose</p>
          <ul class="use-list">
            @foreach ($recent as $card)
              <li><a href="{{ route('cards.copy', $card->id) }}">{{ $card->name }}</a></li>
            @endforeach
          </ul>
        </div>
      </div>
    </details>
    @if ($starters === [])
      <div class="empty">
        <h2>No starter is both</h2>
        <p><a href="{{ route('start') }}">Show all</a>, or start from nothing.</p>
      </div>
    @endif
    <ul class="cards starters" id="starters">
      @foreach ($starters as $starter)
        <li class="card-tile">
          @php($drawing = route('starters.drawing', ['starter' => $starter->key, 'inks' => $inks, 'as' => $as], false))
          <span class="rendering drawn"><img src="{{ $drawing }}" srcset="{{ $drawing }} 2x"
              @if ($loop->index < 2) fetchpriority="high" @else loading="lazy" @endif
              alt="{{ $starter->name }} with your name in it"></span>
          <div class="starter-foot">
            <div>
              <h2>{{ $starter->name }}</h2>
              <p class="quiet">{{ __($starter->trade) }} · {{ __($starter->mood) }}</p>
            </div>
            <form method="post" action="{{ route('cards.store') }}">
              @csrf
              <input type="hidden" name="starter" value="{{ $starter->key }}">
              <input type="hidden" name="inks" value="{{ $inks }}">
              <button class="btn btn-line" aria-label="Start from this: {{ $starter->name }}">Start from this</button>
            </form>
          </div>
        </li>
      @endforeach
    </ul>
  </main>
</x-layouts.page>
