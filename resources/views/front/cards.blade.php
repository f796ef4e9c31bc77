@php($words = array_filter($front->typed) + array_filter(['colours' => $front->colours]) +
    ['sketch' => $front->chosen])
<div id="front-cards" class="front-cards">
  <p class="field-error" role="status">{{ $front->unread }}</p>
  <div class="front-large">
    <div class="front-sheet">
      <span class="front-line"></span><span class="front-line"></span>
      <iframe title="The card as it would be sent" sandbox="allow-same-origin"
        src="{{ route('front.sheet', $words, false) }}"></iframe>
      <p class="measure">{{ $shown['width'] }} × {{ $shown['height'] }} px ·
          {{ Number::format($shown['characters'], 0) }}
        characters · proof {{ $shown['score'] }}</p>
    </div>
    <input type="hidden" name="sketch" value="{{ $front->chosen }}">
    <input type="hidden" name="colours" value="{{ $front->colours }}">
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
    @php($isAll = $few === count($front->keys))
    <input type="hidden" name="all" value="{{ (int) $isAll }}">
    <p>
      @if (!$isAll)
        <a class="front-more" href="{{ route('front', ['all' => 1] + $words, false) }}" data-put="all"
          data-value="1">{{ count($front->keys) - $few }} more</a> ·
      @endif
      <a class="front-more" href="{{ route('front', ['colours' => $front->others()] + $words, false) }}"
        data-put="colours" data-value="{{ $front->others() }}">{{ $front->others() === 0 ? 'their own colours'
        : 'other colours' }}</a>
    </p>
  </div>
</div>
