<x-layouts.page :title="'Links of '.$card->name" nav="cards">
<x-slot:head>
  <script type="module" src="{{ asset('js/renderings.js') }}"></script>
</x-slot:head>
<main id="main" class="desk">
  <div class="desk-head">
    <h1>Links</h1>
    <p class="quiet">{{ $card->name }}</p>
    <a class="btn btn-line ms-end" href="{{ route('bench', $card->id) }}">Back to the bench</a>
  </div>
  <div class="links-page">@include('links.panel', ['alone' => true])</div>
</main>
</x-layouts.page>
