<x-layouts.page title="Start a card" nav="cards">
<x-slot:head><script type="module" src="/js/renderings.js"></script></x-slot:head>
<main id="main" class="desk">
  <div class="desk-head">
    <h1>Start a card</h1>
    <p class="quiet">Your name and {{ $workspace->name }} are already in. Everything else can be changed.</p>
  </div>
  <ul class="cards starters">
    @foreach($starters as $starter)
    <li class="card-tile">
      <span class="rendering"><iframe src="{{ route('starters.sheet', $starter->key) }}" title="{{ $starter->name }} with your name in it" tabindex="-1" loading="lazy" sandbox="allow-same-origin"></iframe></span>
      <div class="starter-foot">
        <div>
          <h2>{{ $starter->name }}</h2>
          <p class="quiet">{{ $starter->trade }} · {{ $starter->mood }}</p>
        </div>
        <form method="post" action="{{ route('cards.store') }}">
          @csrf
          <input type="hidden" name="starter" value="{{ $starter->key }}">
          <button class="btn btn-line" aria-label="Start from this: {{ $starter->name }}">Start from this</button>
        </form>
      </div>
    </li>
    @endforeach
  </ul>
</main>
</x-layouts.page>
