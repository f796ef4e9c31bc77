<x-layouts.page :title="$person->name ?? 'Somebody new'" nav="people">
  <main id="main" class="desk people">
    <div class="desk-head">
      @if ($person === null)
        <h1>Somebody new</h1>
      @else
        <h1 translate="no">{{ $person->name }}</h1>
      @endif
      <span class="ms-end"></span>
      <a class="btn btn-line" href="{{ route('people') }}">Back</a>
    </div>
    <x-told />
    <form method="post" enctype="multipart/form-data" class="person"
      action="{{ $person === null ? route('people.store') : route('people.keep', $person->id) }}">@csrf
      <p class="quiet">Kept once, for all cards, contacts and pages.</p>
      <div class="person-facts">
        @foreach ($facts as $fact)
          @continue($fact->isPicture())
          @php($value = old('facts.' . $fact->value, implode("\n", $known?->lines($fact) ?? [])))
          <div class="field"><label for="fact-{{ $fact->value }}">{{ __($fact->label()) }}</label>
            @if ($fact->isSeveral())
              <textarea class="form-control" id="fact-{{ $fact->value }}" name="facts[{{ $fact->value }}]" rows="2"
                spellcheck="false" aria-describedby="error-{{ $fact->value }}">{{ $value }}</textarea>
              <p class="help">{{ $fact->value === 'addresses' ? __('One a line; the first is the one on cards.')
                  : __('One a line.') }}</p>
            @else
              <input class="form-control" id="fact-{{ $fact->value }}" name="facts[{{ $fact->value }}]"
                type="{{ $fact->isDay() ? 'date' : ($fact->isPhone() ? 'tel' : 'text') }}" value="{{ $value }}"
                autocomplete="off" aria-describedby="error-{{ $fact->value }}"
                @if ($errors->has($fact->value)) aria-invalid="true" @endif>
            @endif
            <p class="field-error" id="error-{{ $fact->value }}">{{ $errors->first($fact->value) }}</p>
          </div>
        @endforeach
        <div class="field"><label for="portrait">Portrait</label>
          @if ($portrait !== '')
            <img src="{{ $portrait }}" alt="Portrait of {{ $person->name }}" width="64"
              height="64" class="portrait">
            <label class="check"><input type="checkbox" name="no_portrait" value="1"> without it</label>
          @endif
          <input class="form-control" type="file" id="portrait" name="portrait"
            accept="image/jpeg,image/png,image/gif,image/webp" aria-describedby="error-portrait">
          <p class="field-error" id="error-portrait">{{ $errors->first('portrait') }}</p>
        </div>
        <fieldset class="field">
          <legend>Groups</legend>
          @foreach ($groups as $group)
            <label class="check"><input type="checkbox" name="groups[]" value="{{ $group->name }}"
                @checked(in_array($group->name, $in, true))> <span translate="no">{{ $group->name }}</span></label>
          @endforeach
          <label for="new-group">a new one</label>
          <input class="form-control" id="new-group" name="group" maxlength="40" value="{{ old('group', '') }}"
            autocomplete="off" aria-describedby="error-group">
          <p class="field-error" id="error-group">{{ $errors->first('group') }}</p>
        </fieldset>
      </div>
      <button class="btn btn-stamp">Keep</button>
    </form>
    @foreach ($over as $one)
      @continue(!isset($houses[$one['house']]))
      <p>@if ($loop->first)
          {{ __('Follows the house card') }} <a href="{{ route('house', $one['house']) }}" translate="no">{{
              $houses[$one['house']]->card->name }}</a> {{ __('as one of “:group”.', ['group' => $one['group']]) }}
        @else
          {{ __('“:group” follows :house, which does not count: the first group does.', ['group' => $one['group'],
              'house' => $houses[$one['house']]->card->name]) }}
        @endif
      </p>
    @endforeach
    @if ($own)
      <section aria-labelledby="own-page">
        <h2 id="own-page">{{ __('The card, and a page of their own') }}</h2>
        <div class="person-card">
          <x-card-drawing :card="$own->document()" :src="route('drawing', [$own->card->id, $own->card->head], false)"
            alt="Card of {{ $person->name }}" />
          <div>
            @foreach ($own->lacking() as $label)
              <span class="chip chip-blocks">{{ __('no :what', ['what' => mb_strtolower(__($label))]) }}</span>
            @endforeach
            @foreach ($own->open() as $piece)
              @if ($own->isOwn($piece))
                <span class="chip chip-mend">{{ __(':what in their own words', ['what' =>
                    __($piece->kind->label())]) }}</span>
              @endif
            @endforeach
            @if ($page?->works())
              <label for="own-address">Its address, for them alone, until {{ Moments::day($page->row->until) }}</label>
              <input class="form-control measure" id="own-address" readonly value="{{ $page->url() }}">
              <p class="quiet">{{ implode(', ', array_filter([
                  $page->row->opened_at ? __('opened :when', ['when' =>
                      Moments::at($page->row->opened_at, 'short')]) : '',
                  $page->row->filled_at ? __('filled in :when', ['when' =>
                      Moments::at($page->row->filled_at, 'short')]) : '',
                  $page->row->took_at ? __('taken :when', ['when' => Moments::at($page->row->took_at, 'short')]) : '',
              ])) ?: __('not opened yet') }}</p>
            @endif
            <form method="post" action="{{ route('people.page', $person->id) }}" class="way-buttons">@csrf
              @if ($page?->works())
                <button class="btn btn-line" name="do" value="renew">Another address</button>
                <button class="btn btn-line" name="do" value="withdraw">Withdraw it</button>
              @else
                <button class="btn btn-line">Give them a page</button>
              @endif
            </form>
          </div>
        </div>
      </section>
    @endif
    @if (count($cards) > 0)
      <h2>Cards</h2>
      <ul class="rows">
        @foreach ($cards as $card)
          <li><span><a href="{{ route(auth()->user()->can('make') ? 'bench' : 'proof', $card->id) }}"
                translate="no">{{ $card->name }}</a></span></li>
        @endforeach
      </ul>
    @endif
    @if ($person)
      <form method="post" action="{{ route('people.several') }}">@csrf<input type="hidden" name="people[]"
          value="{{ $person->id }}"><button class="btn btn-line" name="do"
          value="{{ $person->removed_at ? 'back' : 'remove' }}">{{ $person->removed_at ? 'Back on the list'
          : 'Off the list' }}</button></form>
    @endif
  </main>
</x-layouts.page>
