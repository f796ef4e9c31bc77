<x-layouts.page title="Codes to keep">
  <main id="main" class="narrow">
    <h1>Codes to keep</h1>
    <p>The second step is on. Each of these stands in for a code, once, on the day the authenticator is lost. They are
      shown this one time: print them, or put them where your passwords are.</p>
    <ul class="codes measure">
      @foreach ($codes as $code)
        <li>{{ $code }}</li>
      @endforeach
    </ul>
    <p><a class="btn btn-stamp" href="{{ route('account') }}">I have them</a></p>
  </main>
</x-layouts.page>
