<x-layouts.page :title="'Looks of ' . $card->name" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Arrangements and looks</h1>
      <p class="quiet">{{ $card->name }}, with its own facts in each. One step, undone in one step.</p>
      @if ($starter)
        <form method="post" action="{{ route('edit.look', $card->id) }}" class="ms-end">@csrf<input type="hidden"
            name="revision" value="{{ $card->head }}"><button class="btn btn-line" name="look"
            value="{{ $starter->key }}">Back to the style of {{ $starter->name }}</button></form>
      @endif
      <a @class(['btn btn-line', 'ms-end' => !$starter]) href="{{ route('sketches', $card->id) }}">Sketches</a>
      <a class="btn btn-plain" href="{{ route('bench', $card->id) }}">Back to the bench</a>
    </div>
    <section aria-labelledby="arrangements-title">
      <h2 id="arrangements-title" class="shelf">Arrangements: the same pieces, standing differently</h2>
      <ul class="cards looks">
        @foreach ($arrangements as $arrangement)
          <li class="card-tile">
            <span @class([
                'rendering',
                'rendering-on' => $arrangement->key === $document->arrangement->key,
            ])><noscript data-folded><iframe
                src="{{ route('looks.sheet', ['card' => $card->id, 'arrangement' => $arrangement->key, 'v' =>
                    $card->head]) }}"
                title="{{ __($arrangement->label) }}" tabindex="-1" loading="lazy"
                sandbox="allow-same-origin"></iframe></noscript></span>
            <div class="starter-foot">
              <div>
                <h3>{{ __($arrangement->label) }}</h3>
                <p class="help">{{ __($arrangement->purpose) }}</p>
              </div>
              <form method="post" action="{{ route('edit.rearrange', $card->id) }}">@csrf<input type="hidden"
                  name="revision" value="{{ $card->head }}"><button class="btn btn-line" name="arrangement"
                  value="{{ $arrangement->key }}" aria-label="Take it: {{ __($arrangement->label) }}">Take it</button>
              </form>
            </div>
          </li>
        @endforeach
      </ul>
    </section>
    <section aria-labelledby="looks-title">
      <h2 id="looks-title" class="shelf">Looks: type, sizes, spacing and marks of a starter, in your inks</h2>
      <ul class="cards looks">
        @foreach ($looks as $look)
          <li class="card-tile">
            <span class="rendering"><noscript data-folded><iframe
                src="{{ route('looks.sheet', ['card' => $card->id, 'look' => $look->key, 'v' => $card->head]) }}"
                title="{{ $look->name }}" tabindex="-1" loading="lazy"
                sandbox="allow-same-origin"></iframe></noscript></span>
            <div class="starter-foot">
              <div>
                <h3>{{ $look->name }}</h3>
                <p class="help">{{ __($look->mood) }}</p>
              </div>
              <form method="post" action="{{ route('edit.look', $card->id) }}">@csrf<input type="hidden"
                  name="revision" value="{{ $card->head }}"><button class="btn btn-line" name="look"
                  value="{{ $look->key }}" aria-label="Take it: {{ $look->name }}">Take it</button></form>
            </div>
          </li>
        @endforeach
      </ul>
    </section>
  </main>
</x-layouts.page>
