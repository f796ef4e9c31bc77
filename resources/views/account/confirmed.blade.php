<x-layouts.page title="Another mail address">
  <main id="main" class="narrow">
    <h1>{{ $isChanged ? 'It is changed' : 'One has said so' }}</h1>
    <p>{{ $isChanged ? "You sign in as $to from now on." : 'Now the message to the other address.' }}</p>
  </main>
</x-layouts.page>
