@php($own = $tuning->own())
@php($numbers = $tuning->numbers())
<h2>The whole card</h2>
<x-edit-form :to="route('edit.scale', $card)" :card="$bench->card" :open="$open" edit="press" class="tune scale">
  <span>Everything</span>
  <button class="btn btn-line" name="larger" value="0">smaller</button>
  <button class="btn btn-line" name="larger" value="1">larger</button>
</x-edit-form>
<x-edit-form :to="route('edit.language', $card)" :card="$bench->card" :open="$open" class="tune">
  <x-tune-choice id="card-lang" name="lang" label="Language" :choices="$tuning->languages()"
    :chosen="$tuning->language()" names />
  <x-keep />
</x-edit-form>
<x-edit-form :to="route('edit.restyle', $card)" :card="$bench->card" :open="$open" edit="part" class="tune">
  <details class="fold" id="fold-colours" open>
    <summary>Colours</summary>
    @foreach ($tuning->inks() as $role => $label)
      <x-tune-row for="style-{{ $role }}" label="{{ __($label) }} ink">
        <span class="with-unit"><input type="color" id="style-{{ $role }}" name="style[inks][{{ $role }}]"
            value="{{ $tuning->hex($role) }}"><input type="text" class="form-control measure"
            name="style[codes][{{ $role }}]"
            value="{{ $tuning->hex($role) }}" aria-label="{{ __($label) }} ink as a code" autocomplete="off"
                spellcheck="false"></span>
      </x-tune-row>
      @isset($own[$role])
        <p class="own-ink">{{ $own[$role]['says'] }} <button class="btn-words" name="style[inks][{{ $role }}]"
            value="{{ $own[$role]['brand'] }}">Take the brand's {{ $role }}</button></p>
      @endisset
    @endforeach
  </details>
  <details class="fold" id="fold-type" open>
    <summary>Type</summary>
    <x-tune-choice id="style-typeface" name="style[typeface]" label="Typeface"
      :choices="$tuning->typefaces($style->typeface)" :chosen="$style->typeface->key" />
    <x-tune-row for="style-chain" label="Others"><input class="form-control" id="style-chain" name="style[chain]"
        value="{{ $style->typeface->isOwn() ? $style->typeface->key : '' }}" placeholder="Futura, Arial"
        autocomplete="off" spellcheck="false"
        title="Families by name, commas between them: the first a machine has shows"
        aria-describedby="error-style"></x-tune-row>
    @include('bench.style-numbers', ['group' => 'type'])
  </details>
  <details class="fold" id="fold-paper">
    <summary>Backgrounds</summary>
    <x-folded :closed="$folded ?? false">
    <x-tune-choice id="style-background" name="style[ground][shown]" label="Whole card"
      :choices="['none', 'paper ink']" :chosen="(int) ($style->background !== null)" />
    @include('bench.style-numbers', ['group' => 'paper'])
    @if ($style->background)
      @include('bench.tuning-behind', ['id' => 'ground', 'name' => 'style[ground]', 'behind' =>
          $style->background->picture])
    @endif
    @foreach ($tuning->panels() as $slot => [$label, $panel])
      <x-tune-choice id="panel-{{ $slot }}" name="style[panels][{{ $slot }}][fill]" :label="$label"
        :choices="$tuning->fills()" :chosen="$panel->fill->value" />
      @if ($panel->fill->value !== 'none' || $panel->padding > 0)
      <div class="panel-sizes">
        <x-tune-number id="panel-{{ $slot }}-room" name="style[panels][{{ $slot }}][room]" label="its padding"
          :range="$tuning::BACKGROUND" :value="$panel->padding" />
        <x-tune-number id="panel-{{ $slot }}-radius" name="style[panels][{{ $slot }}][radius]" label="its corners"
          :range="$tuning::BACKGROUND" :value="$panel->radius" />
        @include('bench.tuning-behind', ['id' => "panel-$slot", 'name' => "style[panels][$slot]", 'behind' =>
            $panel->picture])
      </div>
      @endif
    @endforeach
    <p class="help">The inks of what stands on one are those that read there.</p>
    </x-folded>
  </details>
  <details class="fold" id="fold-lines">
    <summary>Lines and symbols</summary>
    <x-folded :closed="$folded ?? false">
    @include('bench.style-numbers', ['group' => 'lines'])
    <x-tune-pictures id="rule-style" name="style[rule][style]" label="Line" :choices="$tuning->linePictures()"
      :chosen="$style->rule->style->value" />
    <x-tune-choice id="rule-ink" name="style[rule][ink]" label="Its ink" :choices="$tuning->inks()"
      :chosen="$style->rule->ink->value" />
    <x-tune-pictures id="style-symbols" name="style[symbols][shape]" label="Symbols"
      :choices="$tuning->symbolPictures()" :chosen="$style->symbols->shape->value ?? 'none'" />
    <x-tune-choice id="symbols-ink" name="style[symbols][ink]" label="Their ink" :choices="$tuning->inks()"
      :chosen="$style->symbols->ink->value" />
    <x-tune-number id="symbols-size" name="style[symbols][size]" label="Their size" :range="$tuning::SYMBOL"
      :value="$style->symbols->own" placeholder="by text" />
    </x-folded>
  </details>
  <details class="fold" id="fold-button">
    <summary>Buttons</summary>
    <x-folded :closed="$folded ?? false">
    @include('bench.style-numbers', ['group' => 'button'])
    <x-tune-choice id="button-outlined" name="style[button][outlined]" label="Background"
      :choices="['their ink', 'none, a line around']" :chosen="(int) $style->button->outlined" />
    <x-tune-choice id="button-full" name="style[button][full]" label="Width"
      :choices="['as wide as its words', 'across its column']" :chosen="(int) $style->button->full" />
    </x-folded>
  </details>
  <details class="fold" id="fold-spacing">
    <summary>Spacing</summary>
    <x-folded :closed="$folded ?? false">
    @include('bench.style-numbers', ['group' => 'spacing'])
    </x-folded>
  </details>
  @include('bench.error', ['key' => 'style', 'swap' => null])
  <x-keep />
</x-edit-form>
<details class="fold" id="fold-schemes">
  <summary>Schemes from the accent</summary>
  <x-folded :closed="$folded ?? false">
  @foreach ($tuning->schemes() as $scheme)
    <x-edit-form :to="route('edit.restyle', $card)" :card="$bench->card" :open="$open" edit="press" class="scheme">
      @foreach ($scheme->inks as $role => $ink)
        <input type="hidden" name="style[inks][{{ $role }}]" value="{{ $ink->hex }}">
      @endforeach
      <button class="btn btn-line"><svg viewBox="0 0 90 18" aria-hidden="true">
          @foreach (array_values($scheme->inks) as $at => $ink)
            <rect x="{{ $at * 18 }}" width="18" height="18" fill="{{ $ink->hex }}" />
          @endforeach
        </svg> {{ __($scheme->name) }}</button>
    </x-edit-form>
  @endforeach
  </x-folded>
</details>
