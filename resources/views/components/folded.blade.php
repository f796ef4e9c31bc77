{{-- What a closed fold of a whole page holds: with scripts it comes as text (HTML, noscript) and becomes part of the
     page when it is opened (folds.js), so that nothing is laid out and walked that nobody sees. A noscript holds no
     other, so those within are marked. --}}
@props(['closed' => true])
@if ($closed)
  <noscript data-folded>{!! str_replace(['<noscript>', '</noscript>'], ['<span class="unscripted">', '</span>'], $slot)
    !!}</noscript>
@else
  {{ $slot }}
@endif
