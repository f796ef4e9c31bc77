@php($stored = $page->stored)
<div id="shown" class="footer-shown">
  @include('campaigns.picks', ['picks' => $page->picks,
      'at' => fn(array $query) => route('letter', [$stored->id] + $query)])
  <iframe class="footer-sheet" title="The letter as readers get it"
    src="{{ route('letter.sheet', [$stored->id, 'recipient' => $page->picks->shown, 'v' => $stored->number], false) }}"
    sandbox="allow-same-origin allow-popups"></iframe>
  @include('campaigns.readings', ['src' => fn(string $client) => route('letter.sheet', [$stored->id,
      'recipient' => $page->picks->shown, 'v' => $stored->number, 'as' => $client], false)])
</div>
@if (request()->hasHeader('HX-Request'))
  <p class="measure" id="kept" hx-swap-oob="true" data-number="{{ $stored->number }}">kept
    {{ Moments::time($stored->updated_at) }}</p>
  @foreach (['subject', 'preview', 'picture', 'alt', 'body', 'call'] as $field)
    <p class="field-error" id="error-{{ $field }}" hx-swap-oob="true">{{ $refused[$field] ?? '' }}</p>
  @endforeach
@endif
