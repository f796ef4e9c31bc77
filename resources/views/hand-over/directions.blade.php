<x-layouts.page :title="'Directions: ' . $to->label" nav="cards">
  <x-slot:head>
    <script type="module" src="{{ asset('js/proof.js') }}"></script>
  </x-slot:head>
  <main id="main" class="desk directions">
    <div class="desk-head">
      <h1>{{ __($to->label) }}</h1>
      <p class="quiet">{{ $card->name }}</p>
      <button type="button" class="btn btn-stamp ms-end no-print" data-print>Print</button>
      <a class="btn btn-line no-print" href="{{ route('hand-over', ['card' => $card->id, 'to' => $to->key]) }}">Back</a>
    </div>
    <x-steps :steps="$to->steps" :drawn="$to->drawn" />
    @include('hand-over.note')
    @if ($to->replies !== '')
      <p><b>Replies and several addresses.</b> {{ __($to->replies) }}</p>
    @endif
    @if ($to->once !== '')
      <p><b>For one message without it.</b> {{ __($to->once) }}</p>
    @endif
    <h2>To see that it worked</h2>
    <x-steps :steps="$to::CHECK" :drawn="$to::CHECK_DRAWN" />
    <h2>The card</h2>
    <x-card-sheet :card="$document" :src="route('sheet', array_filter(['card' => $card->id, 'form' => $form]))" />
    <p class="help">Written {{ Moments::day($to->written, 'long') }} in our own words;
      menus of mail programs move.</p>
  </main>
</x-layouts.page>
