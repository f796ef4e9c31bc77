<x-layouts.page :title="$errand->kind->says()">
  <x-slot:head>
    <x-htmx-config />
  </x-slot>
  <main id="main" class="desk account">
    <div class="desk-head">
      <h1>{{ $errand->kind->says() }}</h1>
      <p class="quiet">Begun {{ Moments::at($errand->created_at) }}</p>
      <a class="btn btn-line ms-end" href="{{ $errand->kind->page($errand->data) }}">Back</a>
    </div>
    @include('settings.errand-way')
    @if ($errand->isOnItsWay())
      <p class="help">This page can be left: it goes on by itself.</p>
    @endif
  </main>
</x-layouts.page>
