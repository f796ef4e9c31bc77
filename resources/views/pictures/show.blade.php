<x-layouts.page :title="$picture->name" :nav="$piece ? 'cards' : 'pictures'">
  <x-slot:head>
    <link rel="stylesheet" href="{{ asset('vendor/cropper.min.css') }}">
    <script src="{{ asset('vendor/cropper.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/crop.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1 class="one-line">{{ $picture->name }}</h1>
      <p class="measure">{{ $picture->width }} × {{ $picture->height }} px, @if ($picture->brought_bytes > 0)
          {{ Number::format($picture->brought_bytes / 1000, 0) }} KB as brought,
        @endif{{ Number::format($picture->bytes / 1000, 0) }} KB as kept,
        {{ Str::upper($picture->extension) }}</p>
      @if ($piece)
        <a class="ms-end" href="{{ route('bench', ['card' => $card->id, 'piece' => $piece->id]) }}">Back to the
          bench</a>
      @else
        <form method="post" action="{{ route('picture.remove', $picture->id) }}" class="ms-end">@csrf<button
            class="btn btn-plain">Put away</button></form>
      @endif
    </div>
    @if (session('told'))
      <div class="told" role="status">{{ session('told') }} @if (session('sweep'))
          <form method="post" action="{{ route('sweep.undo', session('sweep')) }}" class="inline">@csrf<button
              class="btn-words">Take back on all cards</button></form>
        @endif
      </div>
    @endif
    <div class="crop-grid">
      <section aria-label="Crop">
        <div class="crop-stage" id="crop" tabindex="0" role="group"
          aria-label="Crop: arrows move it, plus and minus size it, square brackets turn the picture. Double click or F
            sets the point that stays visible."
          data-preview="{{ route('picture.preview', $picture->id) }}"
          data-ratio="{{ round($picture->height / $picture->width, 5) }}">
          <img src="{{ route('picture.file', $picture->id) }}" alt="{{ $picture->alt ?: $picture->name }}">
        </div>
        <div class="crop-tools" role="toolbar" aria-label="Crop tools">
          <label for="proportion">Proportion</label>
          <select class="form-select" id="proportion">
            <option value="">free</option>
            <option value="1" @selected($piece?->kind->key() === 'headshot')>square, for headshots</option>
            <option value="3">3 to 1</option>
            <option value="5">5 to 1, for banners</option>
          </select>
          <button class="btn btn-line btn-icon" type="button" data-turn="-90" aria-label="Turn left"><x-icon
              name="arrow-counterclockwise" /></button>
          <button class="btn btn-line btn-icon" type="button" data-turn="90" aria-label="Turn right"><x-icon
              name="arrow-clockwise" /></button>
          <button class="btn btn-line btn-icon" type="button" data-zoom="-0.1" aria-label="Smaller crop"><x-icon
              name="zoom-in" /></button>
          <button class="btn btn-line btn-icon" type="button" data-zoom="0.1" aria-label="Larger crop"><x-icon
              name="zoom-out" /></button>
          <button class="btn btn-plain" type="button" data-whole>The whole picture</button>
        </div>
        <form method="post" id="keep" class="keep-form"
          action="{{ $piece ? route('edit.fill', [$card->id, $piece->id]) : route('picture.keep', $picture->id) }}">
          @if ($piece)
            <input type="hidden" name="revision" value="{{ $card->head }}">
            <input type="hidden" name="open" value="{{ $piece->id }}">
          @endif
          @csrf
          <fieldset class="part">
            <legend>The part in numbers</legend>
            @foreach ([
                'x' => ['From left', $part->x], 'y' => ['From top', $part->y], 'width' => ['Width', $part->width],
                'height' => ['Height', $part->height], 'focusX' => ['Focus across', $part->focusX],
                'focusY' => ['Focus down', $part->focusY],
            ] as $key => [$label, $value])
              <div><label for="part-{{ $key }}">{{ __($label) }}</label><input
                  class="form-control measure-input" type="number" id="part-{{ $key }}"
                  name="part[{{ $key }}]" min="0" max="1" step="any"
                  value="{{ $value }}"></div>
            @endforeach
            <div><label for="part-turn">Turn</label><input class="form-control measure-input" type="number"
                id="part-turn" name="part[turn]" min="-359" max="359" step="1"
                value="{{ $part->turn }}"></div>
          </fieldset>
          @foreach (['x', 'y', 'width', 'height', 'turn', 'focusX', 'focusY'] as $key)
            @if (isset($refused[$key]))
              <p class="field-error" role="alert">{{ $refused[$key] }}</p>
            @endif
          @endforeach
          @if (! $piece)
          <div class="words-row">
            <div><label for="alt">Words in its place</label><input class="form-control" id="alt"
                name="alt"
                value="{{ request()->isMethod('post') && is_string(request()->input('alt')) ?
                    mb_scrub(request()->input('alt')) : $picture->alt }}"
                placeholder="for example Portrait of Maren Oakhollow in her garden" aria-describedby="error-alt">
              @if (isset($refused['alt']))
              <p class="field-error" id="error-alt" role="alert">{{ $refused['alt'] }}</p>@else<p class="help"
                  id="error-alt">Asked for once; each use starts with them. Read where pictures are blocked.</p>
              @endif
            </div>
            <div><label for="rights">Where it may be used from</label><input class="form-control" id="rights"
                name="rights"
                value="{{ request()->isMethod('post') && is_string(request()->input('rights')) ?
                    mb_scrub(request()->input('rights')) : $picture->rights }}"
                placeholder="for example Taken by us, March" aria-describedby="error-rights">
              @if (isset($refused['rights']))
              <p class="field-error" id="error-rights" role="alert">{{ $refused['rights'] }}</p>@else<p
                  class="help" id="error-rights">A note for yourselves: who made it, under which licence.</p>
              @endif
            </div>
          </div>
          @endif
          <div class="entry-foot">
            @if ($piece)
              <span class="help">On “{{ $card->name }}” alone, in {{ Str::lower(__($piece->kind->label())) }}.</span>
            @elseif ($uses !== [])
              <label class="check"><input type="checkbox" name="everywhere" value="1" checked> and crop it so
                on the
              {{ trans_choice('{1}card that has it|[2,*]:count cards that have it', count($uses)) }}</label>@else<span
                class="help">New uses start with this part.</span>
            @endif
            <button class="btn btn-stamp">Keep</button>
          </div>
        </form>
      </section>
      <section class="bakes" aria-label="As baked">
        <h2>As baked</h2>
        <div class="bake-tools">
          <select @if ($picture->hand) hidden @endif class="form-select" id="bake-tone"
            aria-label="Colours">
            @foreach (['natural' => 'as it is', 'grey' => 'greys', 'tint' => 'one ink', 'dim' => 'darker'] as $tone =>
                $label)
              <option value="{{ $tone }}">{{ __($label) }}</option>
            @endforeach
          </select>
          <label class="check"><input type="checkbox" id="bake-outline"> light edge</label>
        </div>
        <ul class="bake-list">
          @foreach ($picture->hand ? ['square' => 'Written name'] : ['round' => 'Round', 'arch' => 'Arch', 'rounded' =>
              'Rounded', 'square' => 'As cropped'] as $shape => $label)
            <li data-bake="{{ $shape }}" data-hand="{{ $picture->hand ? 1 : 0 }}"><span
                class="bake-backgrounds"><img alt="{{ __($label) }} on a light page"><img alt=""
                  class="on-dark"></span><strong>{{ __($label) }}</strong> <span class="measure">being
                      baked…</span></li>
          @endforeach
        </ul>
        @if (! $piece)
        <h2>Where it is used</h2>
        @if ($uses === [])
          <p class="help">On no card yet. Choose it on the bench, in a piece that holds a picture.</p>
        @else
          <ul class="use-list">
            @foreach ($uses as $id => $name)
              <li><a href="{{ route('bench', $id) }}">{{ $name }}</a></li>
            @endforeach
          </ul>
        @endif
        <form method="post" action="{{ route('picture.replace', $picture->id) }}" enctype="multipart/form-data"
          class="stack">
          @csrf
          <div><label for="replace">Replace it everywhere</label><input class="form-control" id="replace"
              type="file" name="file" accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml"
              aria-describedby="error-replace">
            <p class="field-error" id="error-replace" @if (isset($refused['file'])) role="alert" @endif>
              {{ $refused['file'] ?? '' }}</p>
          </div>
          <button class="btn btn-line">Replace</button>
        </form>
        @endif
      </section>
    </div>
  </main>
</x-layouts.page>
