<h2>On {{ Moments::day($day->day->iso, 'long') }} <span class="quiet">drag the flag, or its arrow keys;
    {{ trans_choice(':count card|:count cards', $day->placed) }} with a banner place</span></h2>
<ul class="day-cards">
  @foreach ($day->cards as $card)
    <li><a href="{{ route('bench', $card->id) }}"><span class="rendering drawn"><img
            src="{{ route('drawing', [$card->id, $card->head, 'on' => $day->day->iso], false) }}" alt=""
            loading="lazy"></span><strong>{{ $card->name }}</strong></a>
      <span class="help">{{ __($card->says) }}</span>
    </li>
  @endforeach
</ul>
<x-pages :list="$day->cards" />
