<h2 id="walk">Walk it once by eye</h2>
<ul class="walk">
  @foreach ($walk as $item)
    @php($done = $walked[$item->key] ?? false)
    <li class="walk-{{ $item->known }}">
      @can('make')
      <form method="post" action="{{ route('proof.walk', $card->id) }}">
        @csrf
        <input type="hidden" name="item" value="{{ $item->key }}">
        <input type="hidden" name="done" value="{{ $done ? 0 : 1 }}">
        <button class="tick" aria-pressed="{{ $done ? 'true' : 'false' }}"
            aria-label="Looked at: {{ __($item->words) }}">
          @if ($done)
            <x-icon name="check-lg" />
          @endif
        </button>
      </form>
      @else
        <span class="tick">@if ($done)<x-icon name="check-lg" />@endif</span>
      @endcan
      <span>{{ __($item->words) }}. <span class="help">
          {{ match ($item->known) {
              'good' => 'The proof found nothing.',
              'look' => Str::lower(implode('; ', array_map(fn ($one) => __($one->title), $item->findings))) . '.',
              default => 'For your eye.',
          } }}
          @if (isset($walked[$item->key]) && ! $done)
            Looked at on an earlier revision.
          @endif
        </span></span>
    </li>
  @endforeach
</ul>
