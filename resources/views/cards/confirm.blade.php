<x-layouts.page title="What was read" nav="cards">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>What was read</h1>
      <p class="quiet">Look it over line by line; nothing is on a card yet.</p>
      <a class="btn btn-line ms-end" href="{{ route('start') }}">Start otherwise</a>
    </div>
    <div class="confirm">
      <section aria-labelledby="as-brought">
        <h2 id="as-brought">As you brought it</h2>
        <div class="tray-frame"><iframe src="{{ route('cards.brought', $id) }}" title="As you brought it"
            sandbox="allow-same-origin"></iframe></div>
      </section>
      <section aria-labelledby="as-read">
        <h2 id="as-read">As it was read</h2>
        <form method="post" action="{{ route('cards.confirm', $id) }}">@csrf
          <ol class="read-facts">
            @foreach ($facts as $index => $fact)
              @php($sure = $fact->confidence >= 0.8)
              <li>
                <label class="check"><input type="checkbox" name="keep[]" value="{{ $index }}"
                    @checked($keep === null ? true : in_array((string) $index, $keep, true))> <span><span
                      class="quiet">{{ Str::lower($labels[$index]) }}</span>
                    <strong>{{ Str::limit($summaries[$index], 90) }}</strong>
                    @if (($fact->fields['picture'] ?? '') !== '')
                      <span
                        class="quiet">{{ str_starts_with($fact->fields['picture'], 'http') ? 'from ' .
                            parse_url($fact->fields['picture'], PHP_URL_HOST) . ', fetched as you make the card' :
                                'carried inside' }}</span>
                    @endif
                  </span>
                </label>
                <span
                  class="chip chip-{{ $sure ? 'good' : 'advice' }}">{{ $sure ? 'sure' : ($fact->confidence >= 0.5 ?
                      'likely' : 'a guess') }},
                  {{ round(100 * $fact->confidence) }} %</span>
                @if (isset($fact->fields['text']) || isset($fact->fields['value']) || isset($fact->fields['phrase']))
                  <select class="form-select" name="kind[{{ $index }}]"
                    aria-label="What {{ Str::limit($summaries[$index], 40) }} is">
                    @foreach ($words as $kind => $label)
                      <option value="{{ $kind }}"
                          @selected($kind === ($kinds[$index] ?? $fact->kind))>{{ __($label) }}</option>
                    @endforeach
                  </select>
                @endif
              </li>
            @endforeach
          </ol>
          @if ($look !== '')
            <label class="check"><input type="checkbox" name="look" value="1" @checked($keepsLook)> <span>Keep how it
                looked: {{ $look }}</span></label>
          @endif
          @if ($refused !== '')
            <p class="field-error" role="alert">{{ $refused }}</p>
          @endif
          <button class="btn btn-stamp">Make a card of it</button>
        </form>
      </section>
    </div>
  </main>
</x-layouts.page>
