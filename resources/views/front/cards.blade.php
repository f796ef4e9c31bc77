@php($words = array_filter($front->typed) + ['sketch' => $front->chosen])
<div id="front-cards" class="front-cards">
  <p class="field-error" role="status">{{ $front->unread }}</p>
  <div class="front-large">
    <div class="front-sheet">
      <span class="front-line"></span><span class="front-line"></span>
      <iframe title="The card as it would be sent" sandbox="allow-same-origin"
        src="{{ route('front.sheet', $words, false) }}"></iframe>
      <p class="measure">{{ $shown['width'] }} × {{ $shown['height'] }} px · {{ number_format($shown['characters']) }}
        characters · proof {{ $shown['score'] }}</p>
    </div>
    <input type="hidden" name="sketch" value="{{ $front->chosen }}">
    <p class="way-buttons"><button class="btn btn-stamp">Work on this one</button>
      <button type="button" class="btn btn-line" id="copy">Copy it as it is</button>
      <button class="btn btn-plain" name="then" value="hand-over">Hand it over …</button>
      <span class="copied" role="status"></span></p>
    @if (!$front->isTouched())
      <p class="help">{{ $samples['am'] }} is made up: write yourself in above.</p>
    @endif
    <textarea id="html" hidden>{{ $shown['html'] }}</textarea>
    <textarea id="text" hidden>{{ $shown['text'] }}</textarea>
  </div>
  <div class="front-small">
    <ul>
      @foreach (array_slice($front->keys, 0, $few) as $key)
        <li><button type="submit" formmethod="get" formaction="{{ route('front') }}" name="sketch"
            value="{{ $key }}" data-sketch aria-pressed="{{ $key === $front->chosen ? 'true' : 'false' }}"
            aria-label="Design {{ $loop->iteration }}"><img src="{{ $front->drawing($key) }}" alt=""></button></li>
      @endforeach
    </ul>
    @if ($few < count($front->keys))
      <input type="hidden" name="all" value="0">
      <p><a class="front-more" href="{{ route('front', $words + ['all' => 1], false) }}" data-all>{{ count($front->keys) - $few }} more</a></p>
    @else
      <input type="hidden" name="all" value="1">
    @endif
  </div>
</div>
