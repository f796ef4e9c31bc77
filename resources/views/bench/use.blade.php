<p id="in-use" class="bench-use" @isset($swap) hx-swap-oob="true"
  @endisset>@include('cards.in-use', ['use' => $bench->use(), 'card' => $bench->card])</p>
