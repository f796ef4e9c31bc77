{{-- The button of a form that is posted as it changes, for those without scripts. --}}
@props(['always' => false])
@if ($always)
  <button class="btn btn-line">Keep</button>
@else
  <noscript><button class="btn btn-line">Keep</button></noscript>
@endif
