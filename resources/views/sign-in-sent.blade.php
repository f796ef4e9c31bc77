<x-layouts.page title="Look into your mailbox">
  <main id="main" class="narrow">
    <h1>Look into your mailbox</h1>
    <p>If {{ $email }} signs in here, a message with a link is on its way. It is good for half an hour, once.</p>
    <p><a href="{{ route('sign-in') }}">Back</a></p>
  </main>
</x-layouts.page>
