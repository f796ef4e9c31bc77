<x-layouts.page title="Once more">
  <main id="main" class="narrow">
    <h1>Once more</h1>
    @if ($kept === null)
      <p>Nothing waits to be sent.</p>
      <p><a href="{{ route('cards') }}">Go to the cards</a></p>
    @else
      <p>What you sent was not taken, as its page had been open too long. Nothing of it is lost.@if ($kept['files'])
          Only the file you chose has to be chosen again.
        @endif
      </p>
      <form method="post" action="{{ $kept['to'] }}" class="stack">@csrf
        @foreach ($kept['fields'] as $name => $value)
          <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        <button class="btn btn-stamp" autofocus>Send it now</button>
      </form>
      <form method="post" action="{{ route('again.drop') }}">@csrf<button class="btn btn-plain">Leave it</button></form>
    @endif
  </main>
</x-layouts.page>
