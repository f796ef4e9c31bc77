@php($on = $uses->of($picture->hash))
<li class="picture-tile" id="picture-{{ $picture->id }}">
  <a href="{{ route('picture', $picture->id) }}"><span class="picture-face"><img
        src="{{ route('picture.thumb', $picture->hash) }}?v={{ substr(md5($picture->framing), 0, 8) }}"
        alt="{{ $picture->alt ?: $picture->name }}" loading="lazy"></span><span
      class="picture-name">{{ $picture->name }}</span></a>
  <p class="measure">{{ $picture->width }} × {{ $picture->height }} · @if ($picture->brought_bytes > $picture->bytes)
      {{ Number::format($picture->brought_bytes / 1000, 0) }} →
    @endif{{ Number::format($picture->bytes / 1000, 0) }} KB {{ Str::upper($picture->extension) }}</p>
  <p class="help">{{ $on === [] ? 'on no card' : trans_choice('{1}on one card|[2,*]on :count cards', count($on)) }}
    @if ($picture->alt === '' && !$picture->hand)
      · <span class="flag">no words in its place yet</span>
    @endif
  </p>
</li>
