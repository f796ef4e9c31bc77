<section id="gauges" class="gauges" aria-label="Gauges">
  @include('bench.figures')
</section>
