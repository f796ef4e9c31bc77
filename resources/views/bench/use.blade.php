{{-- Brought up to date with the findings, once edits rest (findings.js). --}}
<p id="in-use" class="bench-use">@include('cards.in-use', ['use' => $bench->use(), 'card' => $bench->card])</p>
