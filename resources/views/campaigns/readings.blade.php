{{-- The same as the readers have it on whom it is hardest: narrow, dark, and by the engine that knows least. --}}
<details class="readings" id="readings">
  <summary>On a phone, on a dark page, by the Word engine</summary>
  <div class="readings-frames">
    @foreach (['phone-webkit' => 'A phone, 320 px', 'dark-webmail' => 'A page turned dark',
        'word-desktop' => 'The Word engine'] as $client => $label)
      <figure @class(['reading-narrow' => $client === 'phone-webkit'])>
        <figcaption class="measure">{{ __($label) }}</figcaption>
        <iframe class="footer-sheet" title="{{ __($label) }}" loading="lazy" src="{{ $src($client) }}"
          sandbox="allow-same-origin"></iframe>
      </figure>
    @endforeach
  </div>
</details>
