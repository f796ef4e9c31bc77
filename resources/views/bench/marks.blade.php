@php($season = $style->marks->season)
<h2>Marks</h2>
<x-edit-form :to="route('edit.restyle', $card)" :card="$bench->card" :open="$open" edit="part" class="tune">
  <x-tune-pictures id="marks-shape" name="style[marks][shape]" label="Shape" :choices="$tuning->markPictures()"
    :chosen="$style->marks->shape->value" />
  @foreach ($tuning->markNumbers() as $number)
    <x-tune-number id="marks-{{ $number->key }}" name="style[marks][{{ $number->key }}]" :label="$number->label"
      :range="$number->range" :value="$number->value" />
  @endforeach
  <x-tune-choice id="marks-sign" name="style[marks][sign]" label="Sign" :choices="$tuning->signs()"
    :chosen="$style->marks->sign?->value ?? ''" />
  <x-tune-choice id="marks-grey" name="style[marks][grey]" label="Background"
    :choices="['0' => 'in ink', '1' => 'grey, to keep calm']" :chosen="(int) $style->marks->grey" />
  <x-tune-choice id="marks-dress" name="style[marks][dress][season]" label="Season" :choices="$tuning->seasons()"
    :chosen="$season?->season ?? ''" />
  @if ($season)
    <x-tune-row for="marks-from" label="From, until">
      <span class="with-unit">
        <input class="form-control" id="marks-from" name="style[marks][dress][from]" value="{{ $season->worn->from }}"
          placeholder="12-01" inputmode="numeric" autocomplete="off" aria-describedby="error-marks">
        <input class="form-control" id="marks-until" name="style[marks][dress][until]"
          value="{{ $season->worn->until }}" placeholder="01-06" inputmode="numeric" autocomplete="off"
          aria-label="Until" aria-describedby="error-marks">
      </span>
    </x-tune-row>
    <p class="help">Worn from day to day, month first, every year. Outside these days the plain marks show by
      themselves, in mail sent before too, where readers fetch pictures; carried inside a message or file they stay as
      they were. Today: {{ $tuning->isWornToday($season) ? 'worn' : 'plain' }}.</p>
  @endif
  @include('bench.error', ['key' => 'marks'])
  <x-keep />
</x-edit-form>
