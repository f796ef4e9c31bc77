<p><strong class="proof-score">{{ $proof->score() }}</strong> of 100, its words alone: the card below has a
  proof of its own.</p>
<ul class="plain-list">
  @foreach ($proof->findings as $finding)
    <li><strong>{{ __($finding->title) }}</strong><br><span class="help">{{ __($finding->says) }}</span></li>
  @endforeach
</ul>
@if ($proof->findings === [])
  <p class="help">The proof found nothing.</p>
@endif
