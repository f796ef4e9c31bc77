@php($card = $bench->card)
@php($folded = true)
<x-layouts.page :title="$card->name" nav="cards" class="bench-page">
  <x-slot:head>
    <x-htmx-config none="204" />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script src="{{ asset('vendor/idiomorph-ext.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/bench.js') }}"></script>
  </x-slot:head>
  <main id="main" class="bench" hx-ext="morph" data-bench="{{ $card->id }}" data-open="{{ $open }}">
    <section class="order" aria-label="Running order">
      <div class="order-head">
        <x-edit-form :to="route('edit.rename', $card->id)" :card="$card" :open="$open" class="rename">
          <label class="visually-hidden" for="card-name">Card name</label>
          <input id="card-name" name="name" value="{{ $card->name }}" autocomplete="off" spellcheck="false"
            aria-describedby="error-name">
        </x-edit-form>
        @include('bench.kept')
      </div>
      @include('bench.error', ['key' => 'name'])
      @include('bench.arrangement')
      @include('bench.conflict')
      @include('bench.order')
      <details class="add">
        <summary><x-icon name="plus-lg" /> Add a piece <kbd>A</kbd></summary>
        <x-folded>
        <input class="form-control add-find" type="search" aria-label="Find a kind of piece"
          placeholder="Find: phone, banner, licence" autocomplete="off">
        <x-edit-form :to="route('edit.add', $card->id)" :card="$card" :open="$open" edit="press" class="add-list">
          @foreach ($bench->kinds() as $kind)
            <button name="kind" value="{{ $kind->key() }}"
              data-words="{{ Str::lower($kind->label() . ' ' . $kind->purpose() . ' ' . $kind->key()) }}"><x-icon
                :name="$kind->icon()" /><span><strong>{{ __($kind->label()) }}</strong> {{ __($kind->purpose()) }}<img
                  class="add-look scripted" alt="" loading="lazy"
                  data-src="{{ route('kind.drawing', [$card->id, $kind->key(), 'at' => $bench->styleKey()], false) }}"
                ></span></button>
          @endforeach
        </x-edit-form>
        <p class="help add-none" hidden>No kind of that name. A line of your own takes anything.</p>
        </x-folded>
      </details>
      <x-edit-form id="edit" :to="route('edit.undo', $card->id)" :card="$card" :open="$open" edit="press" hidden />
    </section>

    <section class="stage" aria-label="The card as sent">
      <div class="stage-head">
        <h1 id="stage-title"><span data-page>As sent, light page</span>, <strong data-width>600 px</strong> wide</h1>
        <button type="button" class="btn btn-plain zoom" id="zoom" aria-pressed="true">Fit</button>
        @include('bench.history')
        <a class="btn btn-line proof-open" id="proof-open" href="{{ route('proof', $card->id) }}"
          data-findings="{{ route('findings', $card->id) }}" title="Proof (P)">Proof <b></b></a>
        <a class="btn btn-stamp" href="{{ route('hand-over', $card->id) }}">Hand over</a>
      </div>
      @if (session('told'))
        <p class="told told-look" role="status">{{ session('told') }}</p>
      @endif
      @include('bench.use')
      <div class="stage-body" dir="ltr">
        <div class="paper">
          @include('bench.ruler')
          <div class="letter" aria-hidden="true"><i></i><i></i><i></i></div>
          <div class="sheet">
            <iframe id="sheet" src="{{ route('sheet', [$card->id, 'at' => $card->head]) }}" title="The card as sent"
              height="{{ $bench->height() }}" sandbox="allow-same-origin allow-popups"></iframe>
            <div id="selection" class="selection" hidden></div>
          </div>
        </div>
        <p class="help scripted stage-hint">Write on the sheet: press words there. Esc leaves, Tab goes on. Drag pieces,
          pull edges and spacing. <span id="faces-said"></span></p>
        <ul class="echoes">
          @foreach (['soft' => ['Page turned dark', 600], 'forced' => ['Forced dark', 600], 'phone' =>
              ['Phone, 320 px', 320], 'blocked' => ['Pictures blocked', 600]] as $echo => [$label, $width])
            @php($rendering = route('sheet', [$card->id, 'at' => $card->head] + ($echo === 'blocked' ? ['blocked' => 1]
                : [])))
            <li><span class="echo echo-{{ $echo }}"><noscript data-folded><iframe
                    data-echo="{{ $width }}" @if ($echo === 'soft' || $echo === 'forced') data-dark="{{ $echo }}"
                        @elseif($echo === 'blocked') data-blocked @endif src="{{ $rendering }}"
                    title="{{ __($label) }}" tabindex="-1" sandbox="allow-same-origin"></iframe></noscript><button
                  type="button" class="scripted" data-echo-of="{{ $echo }}" aria-pressed="false"
                  aria-label="{{ __($label) }}: work in it"></button></span>{{ __($label) }}</li>
          @endforeach
        </ul>
      </div>
    </section>

    <div class="side">
      <details id="links" class="links" data-links="{{ route('links', $card->id) }}">
        <summary><x-icon name="link-45deg" /> Links <span class="help">where they lead, tags</span></summary>
        <div id="links-panel"><a href="{{ route('links', $card->id) }}">All links of this card</a></div>
      </details>
      @include('bench.tuning')
    </div>
    @include('bench.gauges')
  </main>
  @include('bench.source')
  @include('bench.keys')
  <x-camera />
  <div id="said" class="visually-hidden" role="status"></div>
  <div id="saying" hidden></div>
</x-layouts.page>
