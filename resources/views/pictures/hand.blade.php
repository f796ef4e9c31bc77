<x-layouts.page title="Write your name" nav="pictures">
  <x-slot:head>
    <script src="{{ asset('vendor/signature_pad.js') }}" defer></script>
    <script type="module" src="{{ asset('js/hand.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Write your name</h1>
      <p class="quiet">Kept as writing alone, without paper. A closing shows it in any ink, still or writing itself.</p>
    </div>
    @if (isset($refused['way']))
      <p class="told told-look" role="alert">{{ $refused['way'] }}</p>
    @endif
    <div class="hand-ways">
      <form method="post" action="{{ route('hand.store') }}" class="stack" id="draw">
        @csrf<input type="hidden" name="way" value="drawn"><input type="hidden" name="strokes">
        <h2>Draw it</h2>
        <canvas id="pad" width="560" height="190"
          aria-label="Write here with a pointer, a pen or a finger; without one, use one of the other two ways"
          role="img"></canvas>
        <p class="field-error" @if (isset($refused['strokes'])) role="alert" @endif>{{ $refused['strokes'] ?? '' }}</p>
        <div class="entry-foot"><button class="btn btn-stamp">Take this</button><span><button class="btn btn-plain"
              type="button" data-back>One stroke back</button><button class="btn btn-plain" type="button"
              data-clear>Begin again</button></span></div>
      </form>
      <form method="post" action="{{ route('hand.store') }}" class="stack" id="set">
        @csrf<input type="hidden" name="way" value="set">
        <h2>Have it set</h2>
        <div><label for="words">Name</label><input class="form-control" id="words" name="words"
            value="{{ $name }}" maxlength="60" aria-describedby="error-words">
          <p class="field-error" id="error-words" @if (isset($refused['words'])) role="alert" @endif>
            {{ $refused['words'] ?? '' }}</p>
        </div>
        <fieldset class="script-faces">
          <legend class="visually-hidden">Script face</legend>
          @foreach ($faces as $key => $label)
            <label><input type="radio" name="face" value="{{ $key }}" @checked($loop->first)><img
                src="{{ route('hand.sample', ['words' => $name, 'face' => $key]) }}" data-face="{{ $key }}"
                data-from="{{ route('hand.sample') }}" alt="{{ $name }} in {{ __($label) }}"><span
                class="measure">{{ __($label) }}</span></label>
          @endforeach
        </fieldset>
        <button class="btn btn-line">Take this</button>
      </form>
      <form method="post" action="{{ route('hand.store') }}" enctype="multipart/form-data" class="stack">
        @csrf<input type="hidden" name="way" value="photographed">
        <h2>Photograph it</h2>
        <p class="help">Write with a dark pen on plain paper and photograph it from above. The paper is taken away,
          however the light falls.</p>
        <div><label for="photo">Picture</label><input class="form-control" id="photo" type="file"
            name="photo" accept="image/jpeg,image/png,image/gif,image/webp" aria-describedby="error-photo">
          <p class="field-error" id="error-photo" @if (isset($refused['photo'])) role="alert" @endif>
            {{ $refused['photo'] ?? '' }}</p>
        </div>
        <button class="btn btn-line">Take this</button>
      </form>
    </div>
  </main>
</x-layouts.page>
