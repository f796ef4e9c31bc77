<x-layouts.page :title="'History of ' . $card->name" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/renderings.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>History</h1>
      <p class="quiet">{{ $card->name }}: every edit, the newest first. Going back keeps what came since.</p>
      <a class="btn btn-line ms-end" href="{{ route('bench', $card->id) }}">Back to the bench</a>
      <button class="btn btn-stamp" form="compare">Compare the two chosen</button>
    </div>
    @if (session('told'))
      <p class="told told-look" role="status">{{ session('told') }}</p>
    @endif
    <form id="compare" method="get" action="{{ route('history.compare', $card->id) }}"></form>
    <ol class="revisions">
      @foreach ($revisions as $revision)
        <li @class([
            'revision',
            'revision-now' => $revision->number === $card->head,
        ])>
          <span class="rendering"><noscript data-folded><iframe
            src="{{ route('history.sheet', [$card->id, $revision->number]) }}"
              title="Revision {{ $revision->number }}" tabindex="-1" loading="lazy"
              sandbox="allow-same-origin"></iframe></noscript></span>
          <div>
            <strong>{{ $revision->words }}</strong>
            <p class="measure">revision {{ $revision->number }} · <time
                datetime="{{ $revision->keptAt()->toIso8601String() }}">{{ Moments::at($revision->keptAt()) }}</time>
              @if ($revision->parent !== null && $revision->parent !== $revision->number - 1)
                · from {{ $revision->parent }}
              @endif
            </p>
            <div class="revision-foot">
              <fieldset class="pick-two">
                <legend class="visually-hidden">Compare revision {{ $revision->number }} as</legend>
                <label class="check"><input type="radio" name="one" value="{{ $revision->number }}"
                    form="compare" @checked($loop->index === 1 || ($loop->first && $loop->last))> one</label>
                <label class="check"><input type="radio" name="other" value="{{ $revision->number }}"
                    form="compare" @checked($loop->first)> other</label>
              </fieldset>
              @if ($revision->number === $card->head)
                <span class="help">as it is now</span>
              @else
                <form method="post" action="{{ route('history.back', [$card->id, $revision->number]) }}">@csrf<input
                    type="hidden" name="revision" value="{{ $card->head }}"><button class="btn btn-line"
                    aria-label="Go back to this: revision {{ $revision->number }}">Go back to this</button></form>
              @endif
            </div>
          </div>
        </li>
      @endforeach
    </ol>
    <x-pages :list="$revisions" />
  </main>
</x-layouts.page>
