<x-layouts.page :title="$house->card->name" nav="people">
  <x-slot:head>
    <x-htmx-config />
  </x-slot>
  @php($going = $errand?->isOnItsWay() === true)
  @php($drafted = $house->put === null || $house->isDrafted())
  <main id="main" class="desk people">
    <div class="desk-head">
      <h1 translate="no">{{ $house->card->name }}</h1>
      <p class="quiet">{{ trans_choice('house card, :count person follows it|house card, :count people follow it',
          $list->total()) }}{{ $house->putAt ? ', ' . __('put :day', ['day' => Moments::at($house->putAt, 'short')]) :
              '' }}
      </p>
      <span class="ms-end"></span>
      @can('make')
        <a class="btn btn-line" href="{{ route('bench', $house->card->id) }}">Work on it</a>
        @if (!$going && $put?->state === 'made' && $put->from)
          <form method="post" action="{{ route('house.undo', $house->card->id) }}">@csrf<button
              class="btn btn-line">Take the last change back</button></form>
        @endif
        @if ($drafted && !$going)
          <form method="post" action="{{ route('house.put', $house->card->id) }}">@csrf<button
              class="btn btn-stamp" @disabled($list->total() === 0)>Put it on their cards</button></form>
        @endif
      @endcan
      <a class="btn btn-line" href="{{ route('people') }}">Back</a>
    </div>
    <x-told />
    @if ($errand && ($going || $errand->state === 'refused'))
      @include('settings.errand-way')
    @endif
    @if ($list->total() === 0)
      <div class="empty">
        <h2>Nobody follows it yet</h2>
        <p>Say under <a href="{{ route('people') }}#groups">Groups</a> which of them do.</p>
      </div>
    @else
      <h2>{{ $drafted ? __('Whose cards change, and how') : __('Their cards') }}</h2>
      @if ($drafted)
        <p class="house-counts" hx-get="{{ route('house.counts', $house->card->id) }}" hx-trigger="load"
          hx-target="this" hx-select="unset" hx-swap="outerHTML">Looked at …</p>
      @endif
      <ul class="house-people">
        @foreach ($reviewed as $one)
          <li>
            <h3><a href="{{ route('person', $one['person']->id) }}" translate="no">{{ $one['person']->name }}</a>
              @if ($drafted)
                <span @class(['chip', 'chip-mend' => $one['state'] !== 'same', 'chip-good' => $one['state'] ===
                    'same'])>{{ __(['new' => 'gets a card', 'again' => 'to be taken again', 'same' => 'need not'][$one[
                    'state']]) }}</span>
              @elseif ($one['card'] && ($uses[$one['card']->id] ?? null)?->old)
                <span class="chip chip-mend">carries an older one</span>
              @endif
              @foreach ($one['lacking'] as $label)
                <span class="chip chip-blocks">{{ __('no :what', ['what' => mb_strtolower(__($label))]) }}</span>
              @endforeach
            </h3>
            <div class="house-pair">
              @if ($one['card'])
                <figure><span class="rendering drawn"><img src="{{ route('drawing', [$one['card']->id,
                    $one['card']->head], false) }}" alt="As it is" loading="lazy"></span>
                  @if ($drafted)
                    <figcaption>as it is</figcaption>
                  @endif
                </figure>
              @endif
              @if ($drafted && $one['state'] !== 'same')
                <figure><span class="rendering drawn"><img src="{{ route('house.drawing', [$house->card->id,
                    $one['person']->id, 'of' => $house->card->head], false) }}" alt="As it would be"
                      loading="lazy"></span>
                  <figcaption>as it would be</figcaption>
                </figure>
              @endif
            </div>
          </li>
        @endforeach
      </ul>
      <x-pages :list="$list" before="Back" after="Further" />
    @endif
    @can('make')
      <form method="post" action="{{ route('house.end', $house->card->id) }}">@csrf<button class="btn btn-line">A house
          card no more</button></form>
    @endcan
  </main>
</x-layouts.page>
