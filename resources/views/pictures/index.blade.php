<x-layouts.page title="Pictures" nav="pictures">
  <x-slot:head>
    <script type="module" src="{{ asset('js/pictures.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk" data-drop>
    <div class="desk-head">
      <h1>Pictures</h1>
      <p class="quiet">{{ trans_choice(':count picture|:count pictures', $pictures->total()) }}, each kept once and
        written anew without hidden facts.</p>
      <form method="get" class="find ms-end" role="search"><label class="visually-hidden" for="find">Find by name or
          words</label><input class="form-control" type="search" id="find" name="find"
          value="{{ $find }}" placeholder="Find"></form>
    </div>
    <x-told />
    <section class="bring" aria-label="Bring pictures in">
      <form method="post" action="{{ route('pictures.store') }}" enctype="multipart/form-data" id="bring-files">
        @csrf
        <label for="files"><x-icon name="upload" /> <strong>Choose files</strong>, drop them anywhere here, or
          paste</label>
        <input class="form-control" id="files" type="file" name="files[]" multiple
          accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml" aria-describedby="error-files">
        <div id="error-files">
          @foreach ($refused['files'] ?? [] as $name => $sentence)
            <p class="field-error" role="alert">{{ $name }}: {{ $sentence }}</p>
          @endforeach
        </div>
        <noscript><button class="btn btn-line">Bring in</button></noscript>
      </form>
      <form method="post" action="{{ route('pictures.fetch') }}">
        @csrf
        <label for="address"><x-icon name="globe" /> <strong>From an address</strong></label>
        <span class="with-button"><input class="form-control" id="address" name="address" inputmode="url"
            value="{{ is_string(request()->input('address')) ? mb_scrub(request()->input('address')) : '' }}"
            placeholder="for example pictures.quillfern.example/spring" autocomplete="off" spellcheck="false"
            aria-describedby="error-address" @if (isset($refused['address'])) aria-invalid="true" @endif><button
            class="btn btn-line">Fetch</button></span>
        <p class="field-error" id="error-address" @if (isset($refused['address'])) role="alert" @endif>
          {{ $refused['address'] ?? '' }}</p>
        @if (config('inky.stand_ins'))
          <p class="help">Addresses under .example are answered by a stand-in.</p>
        @endif
      </form>
      <div class="bring-more">
        <button class="btn btn-line" id="camera-open" type="button" hidden><x-icon name="camera" /> Take with the
          camera</button>
        <a class="btn btn-line" href="{{ route('hand') }}"><x-icon name="pen" /> Write your name</a>
      </div>
      <x-camera />
    </section>
    <ul id="arriving" class="arriving" aria-live="polite"></ul>
    @if ($pictures->isEmpty())
      <div class="empty">
        <h2>{{ $find === '' ? 'No picture yet' : 'No picture of that name' }}</h2>
        <p>
          {{ $find === '' ? 'Bring one in above: a headshot, a logo, a banner.' :
              'Look for part of its name or of the words in its place.' }}
        </p>
      </div>
    @endif
    <ul class="pictures" id="pictures">
      @foreach ($pictures as $picture)
        @include('pictures.tile')
      @endforeach
    </ul>
    <x-pages :list="$pictures" />
  </main>
</x-layouts.page>
