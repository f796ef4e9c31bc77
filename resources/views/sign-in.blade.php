<x-layouts.page title="Sign in">
  <main id="main" class="narrow">
    <h1>Sign in</h1>
    <form method="post" action="{{ route('sign-in') }}" class="stack">
      @csrf
      <div>
        <label class="form-label" for="email">Mail address</label>
        <input class="form-control" id="email" name="email" type="email" autocomplete="username"
          value="{{ $email }}" required autofocus
          @if ($sentence) aria-invalid="true" aria-describedby="sign-in-error" @endif>
      </div>
      <div>
        <label class="form-label" for="password">Password</label>
        <input class="form-control" id="password" name="password" type="password" autocomplete="current-password"
          @if ($sentence) aria-invalid="true" aria-describedby="sign-in-error" @endif>
      </div>
      @if ($sentence)
        <p class="field-error" id="sign-in-error" role="alert">{{ $sentence }}</p>
      @endif
      <button class="btn btn-stamp">Sign in</button>
      @if ($with)
        <a class="btn btn-line" href="{{ route('sign-in.with') }}">Sign in with {{ $with }}</a>
      @endif
      <button class="btn btn-line" formaction="{{ route('sign-in.send') }}">Send me a link instead</button>
      <p class="help">Forgotten the password? The link signs you in, and lets you choose another.</p>
    </form>
  </main>
</x-layouts.page>
