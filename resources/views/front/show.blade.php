<x-layouts.page title="A card under your mail">
  <x-slot:head>
    <meta name="description"
      content="Write one sentence and have a promotional e-mail signature: the real thing, to work on, copy and hand over.">
    <link rel="stylesheet" href="{{ asset('css/front.css') }}">
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
    <script type="module" src="{{ asset('js/front.js') }}"></script>
  </x-slot:head>
  <x-slot:end>
    <form method="post" action="{{ route('front.begin') }}" class="inline">@csrf<button class="bar-link" name="then"
        value="bring">Bring what I have</button></form>
    <a class="bar-link" href="{{ route('sign-in') }}">Sign in</a>
  </x-slot:end>
  <main id="main" class="front">
    <form method="post" action="{{ route('front.begin') }}" id="sentence" hx-get="{{ route('front') }}"
      hx-target="#front-cards" hx-swap="outerHTML" hx-trigger="input delay:150ms, chosen" hx-sync="this:replace">
      @csrf
      <div class="front-words">
        <h1 class="sentence">I am <x-blank name="am" :front="$front" label="Your name" autocomplete="name" />. I
          <x-blank name="do" :front="$front" label="What you do" />, and I would like people to
          <x-blank name="wish" :front="$front" label="What readers are to do" />. Reach me at
          <x-blank name="reach" :front="$front" label="Mail address, phone number or site" />.</h1>
        @if ($sentence)
          <p class="field-error" role="alert">{{ $sentence }}</p>
        @endif
        <p class="quiet">The cards below are the real thing, proofed as sixteen kinds of mail readers show them. No
          account, nothing to pay, no line of ours in your mail. Kept {{ $days }} days in this browser.</p>
      </div>
      @include('front.cards')
    </form>
  </main>
</x-layouts.page>
