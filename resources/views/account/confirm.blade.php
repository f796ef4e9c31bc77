<x-layouts.page title="Another mail address">
  <main id="main" class="narrow">
    <h1>Another mail address</h1>
    <form method="post" action="{{ $here }}" class="stack">@csrf
      <p>You sign in as {{ $to }} once both addresses have said so.</p>
      <button class="btn btn-stamp" autofocus>It is meant</button>
    </form>
  </main>
</x-layouts.page>
