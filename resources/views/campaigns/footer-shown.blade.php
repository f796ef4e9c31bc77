<div id="shown" class="footer-shown">
  @include('campaigns.picks', ['picks' => $page->picks, 
      'at' => fn(array $query) => route('footer', [$page->stored->id] + $query),
      'any' => route('recipients', ['footer' => $page->stored->id])])
  <iframe class="footer-sheet"
    title="The footer as {{ $page->picks->shown === 0 ? 'its sending system takes it' : 'a recipient has it' }}"
    src="{{ route('footer.sheet', [$page->stored->id, 'recipient' => $page->picks->shown,
        'v' => $page->stored->number], false) }}"
    sandbox="allow-same-origin allow-popups"></iframe>
  <p class="measure">{{ Number::format($page->length, 0) }} characters</p>
  @include('campaigns.readings', ['src' => fn(string $client) => route('footer.sheet', [$page->stored->id,
      'recipient' => $page->picks->shown, 'v' => $page->stored->number, 'as' => $client], false)])
</div>
@if (request()->hasHeader('HX-Request'))
  @include('campaigns.footer-kept', ['swap' => true])
  @include('campaigns.footer-findings', ['swap' => true])
  @include('campaigns.footer-give', ['swap' => true])
  @foreach (['name', 'why', 'firm', 'registration'] as $part)
    <p class="field-error" id="error-{{ $part }}" hx-swap-oob="true">{{ $refused[$part] ?? '' }}</p>
  @endforeach
  @foreach ($page->footer::LINKS as $part)
    <p class="field-error" id="error-{{ $part }}" hx-swap-oob="true">{{ $refused["$part/address"]
        ?? ($refused["$part/words"] ?? '') }}</p>
  @endforeach
  <p class="field-error" id="error-style" hx-swap-oob="true">{{ $refused['style']
      ?? ($refused['style/open'] ?? ($refused['style/close'] ?? '')) }}</p>
@endif
