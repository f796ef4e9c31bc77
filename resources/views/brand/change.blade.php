<x-layouts.page title="What the brand changes" nav="brand">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>What the brand changes</h1>
      <p class="quiet">
        <x-counted :list="$cards" :from="route('brand.counts', ['of' => 'change'])"
          none="No card carries what was changed." words="{1}One card changes|[2,*]:count cards change" />{{
              $cards->isEmpty() ? '' : ', nothing else on them.' }}
      </p>
      @if ($brand->draft !== null)
        <form method="post" action="{{ route('brand.drop') }}" class="ms-end">@include('brand.hidden')<button
            class="btn btn-plain">Drop the change</button></form>
        <form method="post" action="{{ route('brand.put') }}" data-slow>@include('brand.hidden')<button
            class="btn btn-stamp">{{ $cards->isEmpty() && $cards->onFirstPage() ? 'Make it the brand' :
                ($cards->hasPages() || $cards->count() > 1 ? 'Put it on all of them' : 'Put it on this card')
                    }}</button>
        </form>
      @endif
    </div>
    @if (session('told'))
      <p class="told" role="status">{{ session('told') }}</p>
    @endif
    @if ($brand->draft === null)
      <div class="empty">
        <p>The cards have the brand as it is.</p><a class="btn btn-line" href="{{ route('brand') }}">Back to the
          brand</a>
      </div>
    @endif
    <ul class="pairs">
      @foreach ($cards as $card)
        <li>
          <h2><a href="{{ route('bench', $card->id) }}">{{ $card->name }}</a> <span
              class="help">{{ $brand->change()->words($card->document()) }}</span></h2>
          <div class="pair">
            <figure><span class="rendering"><iframe src="{{ route('sheet', $card->id) }}?v={{ $card->head }}"
                  title="{{ $card->name }} as it is" tabindex="-1" loading="lazy"
                  sandbox="allow-same-origin"></iframe></span>
              <figcaption>as it is</figcaption>
            </figure>
            <figure><span class="rendering"><iframe
                  src="{{ route('sheet.drafted', $card->id) }}?v={{ $brand->number }}"
                  title="{{ $card->name }} with the change" tabindex="-1" loading="lazy"
                  sandbox="allow-same-origin"></iframe></span>
              <figcaption>with the change</figcaption>
            </figure>
          </div>
        </li>
      @endforeach
    </ul>
    <x-pages :list="$cards" />
  </main>
</x-layouts.page>
