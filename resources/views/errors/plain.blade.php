<x-layouts.page :title="$title">
<main id="main" class="narrow">
  <h1>{{ $title }}</h1>
  <p>{{ $sentence }}</p>
  <p><a href="/cards">Go to the cards</a></p>
</main>
</x-layouts.page>
