<x-layouts.page title="Banners" nav="banners">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/plan.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk plan-desk">
    <div class="desk-head">
      <h1>Banners</h1>
      <p class="quiet">What is due where, and when. Signatures already sent follow it.</p>
      <span class="ms-end plan-tools"><span class="quiet">Plan as <a
            href="{{ route('banners.file', 'ics') }}">.ics</a>,
          <a href="{{ route('banners.file', 'csv') }}">CSV</a></span>
        <a class="btn btn-line" href="{{ route('occasions') }}">Occasions</a>
        <form method="post" action="{{ route('banners.store') }}" class="inline">@csrf<button
            class="btn btn-stamp">Make a banner</button></form>
      </span>
    </div>
    <x-told>
      @if (session('moved'))
        <form method="post" action="{{ route('window.move', session('moved')[0]) }}" class="inline">@csrf<input
            type="hidden" name="days" value="{{ session('moved')[1] }}"><input type="hidden" name="end"
            value="{{ session('moved')[2] }}">
          @include('banners.where')<button class="btn-words">Undo</button></form>
      @endif
    </x-told>
    @if ($carried > 0)
      <p class="notes"><span>{{ $carried === 1 ? 'One card that was' : "$carried cards that were" }} taken with pictures
          inside {{ $carried === 1 ? 'carries' : 'carry' }} another banner than is due. <a
            href="{{ route('banners.carried') }}">See who</a></span></p>
    @endif
    @include('banners.timeline')
    <div class="plan-below">
      <section aria-label="The cards of a day">
        <div id="day">@include('banners.day')</div>
        @foreach ($plan->missing() as $sentence)
          <p class="plan-finding"><span class="flag">gap</span> {{ $sentence }}</p>
        @endforeach
        @foreach ($plan->twice() as [$sentence, $pair])
          <p class="plan-finding"><span class="flag">at once</span> {{ $sentence }} @if (count($pair) === 2)
              <a href="{{ route('windows.compare', $pair) }}">Compare the two</a>
            @endif
          </p>
        @endforeach
      </section>
      <aside aria-label="A window">@include('banners.window')</aside>
    </div>
    <h2 class="plan-all">All banners</h2>
    @if ($banners->isEmpty())
      <div class="empty">
        <p>Write what is on, and see it in every design with your inks; or begin with an <a
            href="{{ route('occasions') }}">occasion</a>.</p>
      </div>
    @endif
    <ul class="banners">
      @foreach ($banners as $one)
        @php($made = $one->banner())
        <li><a href="{{ route('banner', $one->id) }}" class="banner-tile"><img
              src="{{ route('banner.picture', [$one->id, 'v' => $one->version()], false) }}"
              alt="" loading="lazy" width="{{ $made->size->width }}" height="{{ $made->size->height }}"><span
              class="card-name">{{ $made->name() }}</span></a>
          <p class="banner-foot"><span class="measure">{{ $made->size->words() }}{{ $one->id === $evergreen ?
              ' · evergreen' : '' }}{{ $one->put === null ? ' · not put out' : ($one->isPutOut() ? '' :
              ' · changed since it was put out') }}</span>
            <a href="{{ route('banners', ['for-banner' => $one->id]) }}#window"
              aria-label="Set a window for {{ $made->name() }}">Set a window</a>
          </p>
        </li>
      @endforeach
    </ul>
    <x-pages :list="$banners" />
    <div class="plan-bring">
      <form method="post" action="{{ route('banners.store') }}" enctype="multipart/form-data" class="with-button">@csrf
        <label for="banner-file">A picture that is a banner already</label><input class="form-control" type="file"
          id="banner-file" name="file" accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml"
          aria-describedby="error-file"><button class="btn btn-line">Bring it in</button>
      </form>
      <p class="field-error" id="error-file">{{ $errors->first('file') }}</p>
      <form method="post" action="{{ route('banners.bring') }}" enctype="multipart/form-data"
        class="with-button">@csrf<label for="plan-table">Windows from a table (CSV)</label><input class="form-control"
          type="file" id="plan-table" name="table" accept=".csv,text/csv" aria-describedby="error-table"><button
          class="btn btn-line">Bring them in</button></form>
      <p class="field-error" id="error-table" @isset($refused['table']) role="alert" @endisset>
        {{ $refused['table'] ?? '' }}</p>
    </div>
  </main>
</x-layouts.page>
