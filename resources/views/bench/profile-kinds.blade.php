{{-- Every kind of profile, by trade; a page of its own where no script takes it into its row. --}}
<x-layouts.page title="Kinds of profile links" nav="cards">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Kinds of profile links</h1><a
        href="{{ route('bench', ['card' => $card->id, 'piece' => $piece->id]) }}">Back to the bench</a>
    </div>
    <div id="kinds" class="kinds">
      <input class="form-control kinds-find" type="search" aria-label="Find a kind of profile link"
        placeholder="Find: reviews, tickets, tutor" autocomplete="off">
      @foreach ($shelf as $trade => $kinds)
        <section data-kinds aria-label="{{ __($trade) }}">
          <h3>{{ __($trade) }}</h3>
          @foreach ($kinds as $key => $kind)
            <details class="kind-row" name="kind"
              data-words="{{ Str::lower("{$kind['label']} $key $trade {$kind['example']}") }}">
              <summary><img src="{{ asset("marks/{$kind['mark']}.svg") }}" width="16" height="16" alt=""
                  loading="lazy"><span>{{
                $kind['label'] }}</span></summary>
              <p class="help">{{ $kind['find'] }}</p>
              <x-edit-form :to="route('edit.links', [$card->id, $piece->id, 'add'])" :card="$card"
                :open="$piece->id" edit="press" class="in-line">
                <input type="hidden" name="network" value="{{ $kind['label'] }}">
                <label class="visually-hidden" for="kind-{{ $key }}">Yours on {{ $kind['label'] }}</label>
                <input class="form-control" id="kind-{{ $key }}" name="text" data-once
                  placeholder="name or address" autocomplete="off" spellcheck="false">
                <button class="btn btn-line">Add</button>
              </x-edit-form>
            </details>
          @endforeach
        </section>
      @endforeach
      <p class="help kinds-none" hidden>No kind of that name. Any address can be pasted: a name and a colon before it
        say what it is.</p>
    </div>
  </main>
</x-layouts.page>
