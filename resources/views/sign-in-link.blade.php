<x-layouts.page title="Sign in">
  <main id="main" class="narrow">
    <h1>Sign in as {{ $user->name }}</h1>
    <form method="post" action="{{ $here }}" class="stack">@csrf
      <p>{{ $user->email }}</p>
      <button class="btn btn-stamp" autofocus>Sign in</button>
    </form>
  </main>
</x-layouts.page>
