@php($own = $tuning->own())
<h2>The whole card</h2>
<x-edit-form :to="route('edit.language', $card)" :card="$bench->card" :open="$open" class="tune">
  <x-tune-choice id="card-lang" name="lang" label="Language" :choices="$tuning->languages()" :chosen="$tuning->language()" />
  <x-keep />
</x-edit-form>
<x-edit-form :to="route('edit.restyle', $card)" :card="$bench->card" :open="$open" edit="part" class="tune">
  <x-tune-choice id="style-typeface" name="style[typeface]" label="Typeface" :choices="$tuning->typefaces()"
    :chosen="$style->typeface->key" />
  @foreach ($tuning->inks() as $role => $label)
    <x-tune-row for="style-{{ $role }}" label="{{ $label }} ink">
      <span class="with-unit"><input type="color" id="style-{{ $role }}" name="style[inks][{{ $role }}]"
          value="{{ $tuning->hex($role) }}"><span class="measure">{{ $tuning->hex($role) }}</span></span>
    </x-tune-row>
    @isset($own[$role])
      <p class="own-ink">{{ $own[$role]['says'] }} <button class="btn-words" name="style[inks][{{ $role }}]"
          value="{{ $own[$role]['brand'] }}">Take the brand's {{ $role }}</button></p>
    @endisset
  @endforeach
  <x-tune-choice id="style-background" name="style[ground][shown]" label="Background"
    :choices="['none', 'paper ink']" :chosen="(int) ($style->background !== null)" />
  <x-tune-choice id="style-symbols" name="style[symbols][shape]" label="Symbols"
    :choices="array_combine($tuning::SYMBOLS, $tuning::SYMBOLS)" :chosen="$style->symbols->shape->value ?? 'none'" />
  @foreach ($tuning->numbers() as $number)
    <x-tune-number id="style-{{ $number->group }}-{{ $number->key }}" :label="$number->label" :range="$number->range"
      name="style[{{ $number->group }}][{{ $number->key }}]" :value="$number->value" :step="$number->step"
      :unit="$number->unit" />
  @endforeach
  @include('bench.error', ['key' => 'style', 'swap' => null])
  <x-keep />
</x-edit-form>
