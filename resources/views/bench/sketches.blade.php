<x-layouts.page :title="'Sketches for ' . $card->name" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Sketches</h1>
      <p class="quiet">Whole designs with what {{ $card->name }} says, best first. Take one, and change anything on the
        bench; it is undone in one step.</p>
      <a class="btn btn-plain ms-end" href="{{ route('bench', $card->id) }}">Keep it as it is</a>
    </div>
    @if (session('told'))
      <p class="told" role="status">{{ session('told') }}</p>
    @endif
    <form method="get" class="list-tools" aria-label="What stays as it is" data-at-once>
      <span>Keep</span>
      @foreach ($keep as $part => $label)
        <label class="check"><input type="checkbox" name="keep[]" value="{{ $part }}" @checked(in_array($part, $kept))>
          {{ __($label) }}</label>
      @endforeach
      <noscript><button class="btn btn-line">Show</button></noscript>
    </form>
    @if ($sketches === [])
      <div class="empty">
        <h2>No {{ $from > 0 ? 'more designs fit' : 'design fits' }}</h2>
        <p>@if ($from > 0)<a href="{{ route('sketches', ['card' => $card->id, 'keep' => $kept]) }}">Back to the first
            ones</a>, or keep less of the card.@else Keep less of the card, or shorten a line on the bench.@endif</p>
      </div>
    @endif
    <ul class="cards">
      @foreach ($sketches as $sketch)
        @php($drawing = route('sketches.drawing', ['card' => $card->id, 'sketch' => $sketch->key, 'keep' => $kept,
            'v' =>
            $card->head], false))
        <li class="card-tile">
          <span class="rendering drawn"><img src="{{ $drawing }}" srcset="{{ $drawing }} 2x" loading="lazy"
              alt="{{ $card->name }} as {{ $sketch->name }}"></span>
          <div class="starter-foot">
            <div>
              <h2>{{ $sketch->name }}</h2>
              <p class="quiet">{{ Str::lower(__($sketch->card->arrangement->label)) }} · proof {{ $sketch->score }}</p>
            </div>
            <form method="post" action="{{ route('edit.sketch', $card->id) }}">@csrf
              <input type="hidden" name="revision" value="{{ $card->head }}">
              @foreach ($kept as $part)
                <input type="hidden" name="keep[]" value="{{ $part }}">
              @endforeach
              <button class="btn btn-line" name="sketch" value="{{ $sketch->key }}"
                aria-label="Take it: {{ $sketch->name }}">Take it</button>
            </form>
          </div>
        </li>
      @endforeach
    </ul>
    @if (count($sketches) === $most && $from === 0)
      <p class="pages"><a class="btn btn-line"
          href="{{ route('sketches', ['card' => $card->id, 'keep' => $kept, 'from' => $most]) }}">More</a></p>
    @endif
  </main>
</x-layouts.page>
