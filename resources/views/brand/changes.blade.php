<section id="changes" class="brand-part brand-wide" aria-labelledby="changes-title">
  <h2 id="changes-title">Put on the cards so far</h2>
  @if ($sweeps->isEmpty())
    <p class="help">Nothing yet. Change an ink above and click See what changes.</p>
  @else
    <ol class="changes">
      @foreach ($sweeps as $sweep)
        <li>
          <time class="measure" datetime="{{ $sweep->created_at->toIso8601String() }}"
            data-when>{{ $sweep->created_at->format('j M Y H:i') }}</time>
          <span @class(['taken-back' => $sweep->undone_at])>{{ $sweep->words }}</span>
          <span class="measure">{{ $sweep->cards }} {{ Str::plural('card', $sweep->cards) }}</span>
          @if ($sweep->undone_at)
            <span class="help">taken back</span>
          @elseif($sweep->isNewest())
            <form method="post" action="{{ route('sweep.undo', $sweep->id) }}">@csrf<button class="btn btn-plain">Take
                back</button></form>
          @endif
        </li>
      @endforeach
    </ol>
    <x-pages :list="$sweeps" />
  @endif
</section>
