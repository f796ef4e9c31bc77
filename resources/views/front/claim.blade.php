<x-layouts.page title="Keep it for good">
  <main id="main" class="narrow">
    <h1>Keep it for good</h1>
    @if ($sent)
      <div class="told" role="status">A message went to {{ $sent }}: its link keeps what you have made.
        <a href="{{ route('tray') }}">The mail tray</a> has it where this copy sends nothing into the world.</div>
    @endif
    <form method="post" action="{{ route('claim') }}" class="stack">@csrf
      <p>What you make here is kept in this browser until {{ Moments::day($until, 'long') }}. Give a mail address, and
          it is
        yours, on every device. No password is asked for, and nothing is to be paid.</p>
      <div class="field"><label for="email">Mail address</label>
        <input class="form-control" id="email" name="email" type="email" autocomplete="email" value="{{ $email }}"
          required autofocus @if ($sentence) aria-invalid="true" @endif aria-describedby="claim-error">
        <p class="field-error" id="claim-error" role="alert">{{ $sentence }}</p>
      </div>
      <button class="btn btn-stamp">Send me the link</button>
      <a class="btn btn-plain" href="{{ route('cards') }}">Later</a>
    </form>
  </main>
</x-layouts.page>
