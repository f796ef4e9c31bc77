<x-layouts.page title="Find">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Find anything</h1>
    </div>
    <form method="get" action="{{ route('find') }}" role="search" class="find-page"><input class="form-control"
        type="search" name="q" value="{{ $find }}" aria-label="Find anything"
        placeholder="A card, a piece, a picture, a place"><button class="btn btn-line">Find</button></form>
    <div id="found">
      @if ($find !== '' && $found === [])
        <p class="help">Nothing is called that. Try part of a word.</p>
      @endif
      @foreach ($found as $group => $all)
        <section aria-label="{{ $group }}">
          <h2>{{ $group }}</h2>
          <ul class="found">
            @foreach ($all as $one)
              <li>
                @if ($one->to)
                <a href="{{ $one->to }}">{{ __($one->label) }}</a>@else<strong>{{ __($one->label) }}</strong>
                @endif <span class="help">{{ $one->note }}</span>
              </li>
            @endforeach
          </ul>
        </section>
      @endforeach
    </div>
  </main>
</x-layouts.page>
