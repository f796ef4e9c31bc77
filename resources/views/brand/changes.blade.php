<section id="changes" class="brand-part brand-wide" aria-labelledby="changes-title">
  <h2 id="changes-title">Put on the cards so far</h2>
  @if ($sweeps->isEmpty())
    <p class="help">Nothing yet. Change an ink above and click See what changes.</p>
  @else
    <ol class="changes">
      @foreach ($sweeps as $sweep)
        @include('brand.sweep')
      @endforeach
    </ol>
    <x-pages :list="$sweeps" />
  @endif
</section>
