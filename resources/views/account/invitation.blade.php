<x-layouts.page :title="$workspace->name">
  <main id="main" class="narrow">
    <h1>Come to {{ $workspace->name }}</h1>
    <form method="post" action="{{ $here }}" class="stack">@csrf
      <p>As {{ $role->value }}: {{ __($role->says()) }}.</p>
      @if ($known)
        <p>{{ $known->name }}, {{ $email }}</p>
      @else
        <div class="field"><label for="name">What you are called</label>
          <input class="form-control" id="name" name="name" autocomplete="name" maxlength="80" required autofocus
            @if ($sentence) aria-invalid="true" aria-describedby="name-error" @endif>
          <p class="field-error" id="name-error">{{ $sentence }}</p>
        </div>
        <p class="help">You sign in as {{ $email }}, by a link; a password is there for who wants one.</p>
      @endif
      <button class="btn btn-stamp">Come in</button>
    </form>
  </main>
</x-layouts.page>
