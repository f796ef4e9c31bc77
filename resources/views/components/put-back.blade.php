@if ($taken = session('taken'))
  <form method="post" action="{{ route('cards.place', $taken['card']) }}" class="inline">@csrf<input type="hidden"
      name="address" value="{{ $taken['address'] }}"><input type="hidden" name="situation"
      value="{{ $taken['situation'] }}"><button class="btn-words">Undo</button></form>
@endif
