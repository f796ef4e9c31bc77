<x-layouts.page title="Revisions of {{ $stored->name }}" nav="campaigns">
  <x-slot:head>
    <script type="module" src="{{ asset('js/footer.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>{{ $stored->name }}</h1>
      <form method="get" class="list-tools" data-at-once>
        <label for="one">Revision</label>
        <select class="form-select" id="one" name="one">
          @foreach ($numbers as $number => $at)
            <option value="{{ $number }}" @selected($number === $one)>{{ $number }},
              {{ Moments::day($at) }}
            </option>
          @endforeach
        </select><noscript><button class="btn btn-line">Show</button></noscript>
      </form>
      <a class="btn btn-line ms-end" href="{{ route('campaigns') }}">Back to the campaigns</a>
      <form method="post" action="{{ route('campaigns.put', $stored->id) }}" class="inline">@csrf<button
          class="btn btn-stamp">Put revision {{ $stored->head }} in all that is to go</button></form>
    </div>
    <div class="pair">
      @foreach ([$one => 'As messages carry it', $stored->head => 'The newest'] as $number => $label)
        <figure>
          <figcaption>{{ __($label) }}: revision {{ $number }}, with its tokens</figcaption>
          <iframe class="footer-sheet" src="{{ route('footer.revision', [$stored->id, $number], false) }}"
            title="{{ __($label) }}, revision {{ $number }}" sandbox="allow-same-origin allow-popups"></iframe>
        </figure>
      @endforeach
    </div>
  </main>
</x-layouts.page>
