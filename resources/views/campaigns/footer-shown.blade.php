<div id="shown" class="footer-shown">
  <div class="picks" role="group" aria-label="Whose">
    @foreach ($page->picks as $id => $label)
      <a href="{{ route('footer', [$page->stored->id, 'recipient' => $id]) }}"
        @if ($page->shown === $id) aria-current="true" @endif>{{ $label }}</a>
    @endforeach
    <a href="{{ route('footer', [$page->stored->id, 'recipient' => 'tokens']) }}"
      @if ($page->shown === 0) aria-current="true" @endif>as tokens</a>
    <a href="{{ route('recipients', ['footer' => $page->stored->id]) }}">any recipient …</a>
  </div>
  <iframe class="footer-sheet" title="The footer as {{ $page->shown === 0 ? 'its sending system takes it' : 'a recipient has it' }}"
    src="{{ route('footer.sheet', [$page->stored->id, 'recipient' => $page->shown, 'v' => $page->stored->number], false) }}"
    sandbox="allow-same-origin allow-popups"></iframe>
  <p class="measure">{{ number_format($page->length) }} characters</p>
</div>
@if (request()->hasHeader('HX-Request'))
  @include('campaigns.footer-kept', ['swap' => true])
  @include('campaigns.footer-findings', ['swap' => true])
  @include('campaigns.footer-give', ['swap' => true])
  @foreach (['name', 'why', 'firm', 'registration'] as $part)
    <p class="field-error" id="error-{{ $part }}" hx-swap-oob="true">{{ $refused[$part] ?? '' }}</p>
  @endforeach
  @foreach ($page->footer::LINKS as $part)
    <p class="field-error" id="error-{{ $part }}" hx-swap-oob="true">{{ $refused["$part/address"] ?? ($refused["$part/words"] ?? '') }}</p>
  @endforeach
  <p class="field-error" id="error-style" hx-swap-oob="true">{{ $refused['style'] ?? ($refused['style/open'] ?? ($refused['style/close'] ?? '')) }}</p>
@endif
