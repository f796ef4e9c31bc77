<x-layouts.page :title="'Compare ' . $card->name" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Two states of {{ $card->name }}</h1><a class="ms-end" href="{{ route('history', $card->id) }}">All of its
        history</a>
    </div>
    <div class="pair">
      @foreach ([$one, $other] as $revision)
        <figure><span class="rendering"><iframe src="{{ route('history.sheet', [$card->id, $revision->number]) }}"
              title="Revision {{ $revision->number }}" tabindex="-1" sandbox="allow-same-origin"></iframe></span>
          <figcaption>Revision {{ $revision->number }}, <time
              datetime="{{ $revision->keptAt()->toIso8601String() }}">{{ Moments::at($revision->keptAt()) }}</time>:
                  {{ $revision->words }}
            @if ($revision->number !== $card->head)
              <form method="post" action="{{ route('history.back', [$card->id, $revision->number]) }}" class="inline">
                @csrf<input type="hidden" name="revision" value="{{ $card->head }}"><button class="btn-words">Go back
                  to this</button></form>
            @endif
          </figcaption>
        </figure>
      @endforeach
    </div>
    @if ($differences === [])
      <p class="told">They are the same.</p>
    @else
      <div class="table-scroll" tabindex="0" role="group" aria-label="What is different">
        <table class="differences">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Revision {{ $one->number }}</th>
              <th scope="col">Revision {{ $other->number }}</th>
            </tr>
          </thead>
          <tbody>
            @foreach ($differences as $difference)
              <tr>
                <th scope="row">{{ $difference['what'] }}</th>
                <td>{{ $difference['one'] === '' ? '–' : $difference['one'] }}</td>
                <td>{{ $difference['other'] === '' ? '–' : $difference['other'] }}</td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
    @endif
  </main>
</x-layouts.page>
