<x-layouts.page title="Cards short of a rule" nav="brand">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Cards short of a rule</h1>
      <p class="quiet">
        <x-counted :list="$cards" :from="route('brand.counts', ['of' => 'duties'])"
          none="Every card shows what the trade rules ask." words="{1}One card lacks|[2,*]:count cards lack" />{{
              $cards->isEmpty() ? '' : ' what a trade rule asks.' }}
      </p>
      <a class="btn btn-plain ms-end" href="{{ route('brand') }}#rules">Trade rules</a>
      @if ($notices)
        <form method="post" action="{{ route('brand.meet') }}">@csrf<button class="btn btn-stamp"
            >Put the missing notices
            on</button></form>
      @endif
    </div>
    <ul class="duties">
      @foreach ($cards as ['card' => $card, 'lacks' => $lacks])
        <li><a href="{{ route('bench', $card->id) }}">{{ $card->name }}</a> <span>lacks
            {{ implode(', ', [...$lacks->licence ? ['its licence line'] : [], ...array_column($lacks->notices,
                'name')]) }}</span>
        </li>
      @endforeach
    </ul>
    <x-pages :list="$cards" />
  </main>
</x-layouts.page>
