<x-layouts.page title="A second step">
  <x-slot:head>
    <script type="module" src="{{ asset('js/code.js') }}"></script>
  </x-slot:head>
  <main id="main" class="narrow">
    <h1>A second step</h1>
    <p>Scan this with an authenticator, on your phone or beside your passwords, and type the code it shows.</p>
    <div class="code-drawing" data-code="{{ $address }}" role="img" aria-label="The key as a code to scan"></div>
    <p>Or give it the key by hand:<br><span class="measure">{{ $key }}</span></p>
    <form method="post" action="{{ route('account.second.begin') }}" class="stack">@csrf
      <x-typed name="code" label="Code it shows now" inputmode="numeric" autocomplete="one-time-code" required />
      <button class="btn btn-stamp">Turn it on</button>
      <a class="btn btn-plain" href="{{ route('account') }}">Leave it</a>
    </form>
  </main>
</x-layouts.page>
