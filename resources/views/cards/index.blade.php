<x-layouts.page title="Cards" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>{{ $archived ? 'Archived cards' : 'Cards' }}</h1>
      <p class="quiet">{{ trans_choice(':count card|:count cards', $cards->total()) }}{{
            $find === '' ? '' : ' with “' . $find . '”' }} in
        {{ $workspace->name }}</p>
      <form method="get" class="list-tools ms-end" role="search" data-at-once>
        @if ($archived)
          <input type="hidden" name="show" value="archived">
        @endif
        <input class="form-control" type="search" name="find" value="{{ $find }}"
          aria-label="Find cards by name or by what is on them" placeholder="Find by name, person, link">
        @if ($all !== [])
          <select class="form-select" name="label" aria-label="Label">
            <option value="">Any label</option>
            @foreach ($all as $one)
              <option @selected($one === $label)>{{ $one }}</option>
            @endforeach
          </select>
        @endif
        <select class="form-select" name="sort" aria-label="Order">
          @foreach ($sorts as $key => $label)
            <option value="{{ $key }}" @selected($sort === $key)>{{ __($label) }}</option>
          @endforeach
        </select>
        <noscript><button class="btn btn-line">Show</button></noscript>
      </form>
      @can('make')
        <a class="btn btn-stamp" href="{{ route('start') }}">Start a card</a>
      @endcan
    </div>
    @if (session('told'))
      <div class="told" role="status">{{ session('told') }} @if (session('undo'))
          <form method="post" action="{{ route('cards.several') }}" class="inline">@csrf<input type="hidden"
              name="do" value="{{ session('undo')[0] }}">
            @foreach (session('undo')[1] as $id)
              <input type="hidden" name="cards[]" value="{{ $id }}">
            @endforeach
            <button class="btn-words">
              Undo</button>
          </form>
        @endif
        <x-put-back />
      </div>
    @endif
    @if ($cards->isEmpty())
      <div class="empty">
        @if ($find !== '')
          <h2>No card has that on it</h2>
          <p>Look for part of a name or a link. <a href="{{ route('cards') }}">Show all cards</a></p>
        @elseif($archived)
          <h2>The archive is empty</h2>
          <p><a href="{{ route('cards') }}">Back to the cards</a></p>
        @else<h2>No card yet</h2>
          @can('make')
            <p>Start one from a starter: your name and firm are already in it.</p><a class="btn btn-stamp"
              href="{{ route('start') }}">Start a card</a>
          @else
            <p>Who makes cards here has not begun one.</p>
          @endcan
        @endif
      </div>
    @endif
    @can('make')
      <form method="post" action="{{ route('cards.several') }}" id="several">@csrf</form>
    @endcan
    @php($opens = auth()->user()->can('make') ? 'bench' : 'proof')
    <ul class="cards">
      @foreach ($cards as $card)
        @php($used = $placements[$card->id] ?? [])
        <li class="card-tile">
          <a href="{{ route($opens, $card->id) }}" class="card-face">
            <span class="rendering drawn"><img src="{{ $drawing = route('drawing', [$card->id, $card->head], false) }}"
                srcset="{{ $drawing }} 2x" alt="" @if ($loop->index < 2) fetchpriority="high" @else loading="lazy"
                @endif></span>
            <span class="card-name">{{ $card->name }}</span>
          </a>
          <p class="card-foot">
            <label class="check">@can('make')<input type="checkbox" name="cards[]" value="{{ $card->id }}"
                form="several" aria-label="Choose {{ $card->name }}"> @endcan<span
                class="measure">revision {{ $card->head }} · kept
                <time datetime="{{ $card->updated_at->toIso8601String() }}">{{
                      Moments::at($card->updated_at) }}</time></span></label>
            <span class="card-links">@can('make')<a href="{{ route('cards.copy', $card->id) }}"
                aria-label="Copy {{ $card->name }} for another person or purpose">Copy</a> @endcan
              @can('hand-over')<a href="{{ route('hand-over', $card->id) }}"
                aria-label="Hand over {{ $card->name }}">Hand over</a>@endcan</span>
          </p>
          @if (($labels[$card->id] ?? []) !== [])
            <p class="card-labels">
              @foreach ($labels[$card->id] as $one)
                <a class="label" href="{{ route('cards', ['label' => $one]) }}">{{ $one }}</a>
              @endforeach
            </p>
          @endif
          @if (($uses[$card->id] ?? null)?->isOff())
            @include('cards.in-use', ['use' => $uses[$card->id]])
          @endif
          @if ($line = $clicks[$card->id] ?? null)
            <a class="clicked" href="{{ route('clicks', ['card' => $card->id]) }}"><x-spark :line="$line" />
              {{ trans_choice(':count click|:count clicks', $line->total()) }} in 30 days</a>
          @endif
          <details class="used" @if (session('misplaced') === $card->id) open @endif>
            <summary>
              @forelse($used as $place)
                <span class="used-at">{{ $place->address }}, {{ __($situations[$place->situation]) }}</span>
              @empty
                <span class="help">used nowhere yet</span>
              @endforelse
            </summary>
            @can('people')
            @foreach ($used as $place)
              <form method="post" action="{{ route('cards.place', $card->id) }}" class="used-form">@csrf<input
                  type="hidden" name="address" value="{{ $place->address }}"><input type="hidden" name="situation"
                  value="{{ $place->situation }}"><span>{{ $place->address }},
                  {{ __($situations[$place->situation]) }}</span><button class="btn-words"
                  name="remove" value="1">Take away</button></form>
            @endforeach
            <form method="post" action="{{ route('cards.place', $card->id) }}" class="used-form">@csrf<input
                class="form-control" name="address" inputmode="email"
                value="{{ session('misplaced') === $card->id ? old('address') : '' }}"
                aria-label="Mail address that uses {{ $card->name }}"
                placeholder="for example maren@quillfern.example"><select
                class="form-select" name="situation" aria-label="For what">
                @foreach ($situations as $situation => $called)
                  <option value="{{ $situation }}">{{ __($called) }}</option>
                @endforeach
              </select>
              <button class="btn btn-line">Use it there</button>
            </form>
            @endcan
          </details>
        </li>
      @endforeach
    </ul>
    <div class="several-foot">
      @if ($cards->isNotEmpty() && auth()->user()->can('make'))
        <span class="help">With those chosen:</span>
        @if ($archived)
          <button class="btn btn-line" form="several" name="do" value="bring-back">Bring
          back</button>@else<button class="btn btn-line" form="several" name="do" value="archive">Put in the
            archive</button><button class="btn btn-line" form="several" name="do" value="copy">Copy</button>
          <span class="labelling"><input class="form-control" name="label" form="several" list="labels"
              aria-label="Label" placeholder="Label" autocomplete="off" maxlength="40"><datalist id="labels">
              @foreach ($all as $one)
                <option value="{{ $one }}"></option>
              @endforeach
            </datalist><button class="btn btn-line" form="several" name="do" value="label">Put on</button><button
              class="btn btn-line" form="several" name="do" value="unlabel">Take off</button></span>
        @endif
      @endif
      @can('people')
        <a href="{{ route('placements') }}">Which card where</a>
      @endcan
      <span class="ms-end">
        @if ($archived)
          <a href="{{ route('cards') }}">Back to the cards</a>
        @elseif($filed > 0)
          <a href="{{ route('cards', ['show' => 'archived']) }}">{{ $filed }} in the archive</a>
        @endif
      </span>
    </div>
    <x-pages :list="$cards" />
  </main>
</x-layouts.page>
