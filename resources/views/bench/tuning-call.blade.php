{{-- A call's own look as a button: shape, ink of its words, symbol, padding. --}}
@php($look = $tuning->callLook($chosen))
@php($own = $chosen->tuning->call)
<x-edit-form :to="route('edit.tune', [$card, $chosen->id])" :card="$bench->card" :open="$open" edit="press"
  class="tune">
  <div class="tune-row tune-wide" role="group" aria-label="Shape">
    <span class="label">Shape</span>
    <div class="pictured">
      @foreach ($tuning->callShapes() as $shape => [$radius, $outlined])
        <button name="tuning[shape]" value="{{ $shape }}" title="{{ $shape }}" aria-label="Shape: {{ $shape }}"
          aria-pressed="{{ $look->outlined === $outlined && $look->radius === $radius ? 'true' : 'false' }}"><svg
            viewBox="0 0 44 18" width="30" height="14" aria-hidden="true"><rect x="1" y="1" width="42" height="16"
              rx="{{ min(8, $radius) }}" @if ($outlined) fill="none" stroke="currentColor" stroke-width="2" @else
              fill="currentColor" @endif /></svg></button>
      @endforeach
    </div>
  </div>
</x-edit-form>
<x-edit-form :to="route('edit.tune', [$card, $chosen->id])" :card="$bench->card" :open="$open" edit="part"
  class="tune">
  <div class="tune-row tune-wide" role="radiogroup" aria-label="Its words">
    <span class="label">Its words</span>
    <div class="swatches">
      @foreach ($tuning->inks() as $role => $label)
        <label class="swatch" title="{{ __($label) }} {{ $tuning->hex($role) }}"><input type="radio"
            name="tuning[call][words]" value="{{ $role }}" aria-label="Words in the {{ __($label) }} ink"
            @checked($own?->words?->value === $role)><svg aria-hidden="true" viewBox="0 0 24 24"><circle cx="12"
              cy="12" r="11.5" fill="{{ $tuning->hex($role) }}" /></svg></label>
      @endforeach
      <label class="swatch swatch-auto"><input type="radio" name="tuning[call][words]" value=""
          aria-label="Words in what reads best" @checked($own?->words === null)><span>what reads</span></label>
    </div>
  </div>
  <div class="tune-row tune-wide" role="radiogroup" aria-label="Symbol">
    <span class="label">Symbol</span>
    <div class="pictured symbols">
      <label title="none"><input type="radio" name="tuning[call][symbol]" value="" aria-label="No symbol"
          @checked($own?->symbol === null)><span class="glyph"><x-glyph name="none" /></span></label>
      @foreach ($tuning->callSymbols($own?->symbol) as $symbol)
        <label title="{{ str_replace('-', ' ', $symbol) }}"><input type="radio" name="tuning[call][symbol]"
            value="{{ $symbol }}" aria-label="Symbol: {{ str_replace('-', ' ', $symbol) }}"
            @checked($own?->symbol === $symbol)><img src="{{ asset("marks/$symbol.svg") }}" alt="" width="16"
            height="16" loading="lazy"></label>
      @endforeach
    </div>
    <details class="more-symbols">
      <summary>All symbols</summary>
      <x-folded :closed="$folded ?? false">
      <select class="form-select" name="tuning[symbol]" aria-label="Symbol, all there are">
        <option value="">choose</option>
        @foreach ($tuning->symbols() as $about => $names)
          <optgroup label="{{ __($about) }}">
            @foreach ($names as $symbol)
              <option value="{{ $symbol }}">{{ str_replace('-', ' ', $symbol) }}</option>
            @endforeach
          </optgroup>
        @endforeach
      </select>
      </x-folded>
    </details>
  </div>
  @if ($own?->symbol !== null)
    <x-tune-pictures id="tune-side" name="tuning[call][side]" label="Its side" :chosen="$own->last ? 'end' : 'start'"
      :choices="['start' => ['before the words', 'sign-first'], 'end' => ['after the words', 'sign-last']]" />
  @endif
  <x-tune-number id="tune-call-wide" name="tuning[call][wide]" label="Padding" :range="$tuning::BUTTON"
    :value="$own?->wide" :placeholder="$look->wide" aria-describedby="error-{{ $chosen->id }}-tuning-call-wide" />
  @include('bench.error', ['key' => $chosen->id . '.tuning-call-wide', 'swap' => null])
  <x-tune-number id="tune-call-high" name="tuning[call][high]" label="Padding above" :range="$tuning::BUTTON"
    :value="$own?->high" :placeholder="$look->high" aria-describedby="error-{{ $chosen->id }}-tuning-call-high" />
  @include('bench.error', ['key' => $chosen->id . '.tuning-call-high', 'swap' => null])
  <x-tune-number id="tune-call-radius" name="tuning[call][radius]" label="Corners" :range="$tuning::BUTTON"
    :value="$own?->radius" :placeholder="$look->radius"
    aria-describedby="error-{{ $chosen->id }}-tuning-call-radius" />
  @include('bench.error', ['key' => $chosen->id . '.tuning-call-radius', 'swap' => null])
  <x-keep />
</x-edit-form>
