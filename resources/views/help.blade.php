<x-layouts.page title="What things mean">
  <main id="main" class="desk guide">
    <div class="desk-head">
      <h1>What things mean</h1>
      <p class="quiet">The same stands behind the question mark beside each. Find anything, at the top, looks here too.
      </p>
    </div>
    @foreach ($all as $heading => $topics)
      <section aria-labelledby="about-{{ $loop->iteration }}">
        <h2 id="about-{{ $loop->iteration }}">{{ __($heading) }}</h2>
        <dl>
          @foreach ($topics as $key => $topic)
            <div id="{{ $key }}">
              <dt>{{ __($topic->title) }}</dt>
              <dd>{{ __($topic->says) }}</dd>
            </div>
          @endforeach
        </dl>
      </section>
    @endforeach
  </main>
</x-layouts.page>
