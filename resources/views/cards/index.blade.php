<x-layouts.page title="Cards" nav="cards">
<x-slot:head><script type="module" src="/js/renderings.js"></script></x-slot:head>
<main id="main" class="desk">
  <div class="desk-head">
    <h1>Cards</h1>
    <p class="quiet">{{ $cards->total() }} {{ Str::plural('card', $cards->total()) }} in {{ $workspace->name }}</p>
    <a class="btn btn-stamp ms-end" href="{{ route('start') }}">Start a card</a>
  </div>
  @if($cards->isEmpty())
  <div class="empty">
    <h2>No card yet</h2>
    <p>Start one from a starter: your name and firm are already in it.</p>
    <a class="btn btn-stamp" href="{{ route('start') }}">Start a card</a>
  </div>
  @endif
  <ul class="cards">
    @foreach($cards as $card)
    <li class="card-tile">
      <a href="{{ route('bench', $card->id) }}" class="card-face">
        <span class="rendering"><iframe src="{{ route('sheet', $card->id) }}?v={{ $card->head }}" title="" tabindex="-1" aria-hidden="true" loading="lazy" sandbox="allow-same-origin"></iframe></span>
        <span class="card-name">{{ $card->name }}</span>
      </a>
      <p class="card-foot">
        <span class="measure">revision {{ $card->head }} · kept <time datetime="{{ $card->updated_at->toIso8601String() }}" data-when>{{ $card->updated_at->format('j M Y H:i') }}</time></span>
        <a href="{{ route('hand-over', $card->id) }}" aria-label="Hand over {{ $card->name }}">Hand over</a>
      </p>
    </li>
    @endforeach
  </ul>
  <x-pages :list="$cards"/>
</main>
</x-layouts.page>
