<x-layouts.page title="The second step">
  <main id="main" class="narrow">
    <h1>The second step</h1>
    <form method="post" action="{{ route('sign-in.second') }}" class="stack">@csrf
      <div>
        <label class="form-label" for="code">Code of your authenticator, or one you kept for the day it is lost</label>
        <input class="form-control measure" id="code" name="code" autocomplete="one-time-code" autofocus required
          autocapitalize="off" spellcheck="false"
          @if ($sentence) aria-invalid="true" aria-describedby="code-error" @endif>
      </div>
      @if ($sentence)
        <p class="field-error" id="code-error" role="alert">{{ $sentence }}</p>
      @endif
      <button class="btn btn-stamp">Sign in</button>
    </form>
  </main>
</x-layouts.page>
