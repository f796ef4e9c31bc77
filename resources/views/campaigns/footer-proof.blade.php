<p><strong class="proof-score">{{ $proof->filled }}</strong> filled in, <strong
    class="proof-score">{{ $proof->unfilled }}</strong> with its tokens</p>
<ul class="plain-list">
  @foreach ($proof->findings as [$finding, $when])
    <li><strong>{{ __($finding->title) }}</strong>{{ $when === '' ? '' : ", $when" }}<br><span
        class="help">{{ __($finding->says) }}</span></li>
  @endforeach
</ul>
@if ($proof->findings === [])
  <p class="help">The proof found nothing.</p>
@endif
