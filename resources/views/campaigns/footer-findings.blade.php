<div id="findings" @if ($swap) hx-swap-oob="true" @endif>
  <ul class="footer-findings">
    @foreach ($page->findings as $finding)
      <li class="finding-{{ $finding->state }}"><span class="finding-mark" aria-hidden="true"></span><span
          >{{ __($finding->label) }} <span class="visually-hidden">{{ ['has' => 'is there', 'lacks' => 'is lacking',
              'look' => 'look at it', 'may' => 'may be added'][$finding->state] }}</span></span><span
          class="quiet">{{ __($finding->says) }}</span></li>
    @endforeach
  </ul>
  <p class="{{ $page->isReady() ? 'help' : 'notes' }}">{{ $page->isReady()
      ? 'Nothing is lacking that somebody asks for.'
      : 'Something is lacking that law or its sending system asks for.' }}</p>
  <details>
    <summary class="help">Where it is asked for</summary>
    <dl class="footer-sources">
      @foreach ($page->sources() as $what => $source)
        <div>
          <dt>{{ __($what) }}</dt>
          <dd>{{ $source }}</dd>
        </div>
      @endforeach
    </dl>
    <p class="help">Written down on 28 November 2026. It is no advice on law: have yours checked.</p>
  </details>
</div>
