@php($own = $chosen->tuning)
<h2>{{ __($chosen->kind->label()) }}</h2>
@if (in_array('call', $tunes) && $chosen->text('form') === 'button')
  @include('bench.tuning-call')
@endif
<x-edit-form :to="route('edit.tune', [$card, $chosen->id])" :card="$bench->card" :open="$open" edit="part"
  class="tune">
  @if (in_array('ink', $tunes))
    @php($what = in_array('call', $tunes) ? 'Background' : 'Ink')
    <div class="tune-row tune-wide" role="radiogroup" aria-label="{{ __($what) }}">
      <span class="label">{{ __($what) }}</span>
      <div class="swatches">
        @foreach ($tuning->inks() as $role => $label)
          <label class="swatch" title="{{ __($label) }} {{ $tuning->hex($role) }}"
            ><input type="radio" name="tuning[ink]" id="ink-{{ $role }}" value="{{ $role }}"
              aria-label="{{ __($label) }} ink" @checked($own->ink?->value === $role)><svg aria-hidden="true"
              viewBox="0 0 24 24"><circle cx="12" cy="12" r="11.5" fill="{{ $tuning->hex($role) }}" /></svg></label>
        @endforeach
        <label class="swatch swatch-auto"><input type="radio" name="tuning[ink]" id="ink-auto" value=""
            aria-label="Ink as the card's style says" @checked($own->ink === null)><span>card’s</span></label>
      </div>
    </div>
  @endif
  @if (in_array('size', $tunes))
    <x-tune-number id="tune-size" name="tuning[size]" label="Size" :range="$tuning::SIZE" step="0.5"
      :value="$own->size" :placeholder="$bench->sizeOf($chosen)" aria-describedby="error-{{ $chosen->id
          }}-tuning-size" />
    @include('bench.error', ['key' => $chosen->id . '.tuning-size', 'swap' => null])
  @endif
  @if (in_array('face', $tunes))
    <x-tune-choice id="tune-face" name="tuning[face]" label="Typeface"
      :choices="['' => 'the card’s'] + $tuning->typefaces($own->face)"
      :chosen="$own->face?->key" />
    <x-tune-row for="tune-chain" label="Others"><input class="form-control" id="tune-chain" name="tuning[chain]"
        value="{{ $own->face?->isOwn() ? $own->face->key : '' }}" placeholder="Futura, Arial" autocomplete="off"
        spellcheck="false" aria-describedby="error-{{ $chosen->id }}-tuning-face"></x-tune-row>
    @include('bench.error', ['key' => $chosen->id . '.tuning-face', 'swap' => null])
  @endif
  @foreach ([
      'bold' => ['Weight', ['' => ['as the card says', 'card'], '0' => [__('regular'), 'regular'], '1' => [__('bold'),
          'bold']]],
      'italic' => ['Slant', ['' => ['as the card says', 'card'], '0' => [__('upright'), 'regular'], '1' => [
          __('italic'), 'italic']]],
      'caps' => ['Letters', ['' => ['as the card says', 'card'], '0' => ['as typed', 'regular'], '1' => [
          'spaced capitals', 'caps']]],
      'underline' => ['Underline', ['' => ['as the card says', 'card'], '0' => ['no line', 'regular'], '1' => [
          'a line under links', 'underline']]],
  ] as $name => [$label, $choices])
    @if (in_array($name, $tunes))
      <x-tune-pictures id="tune-{{ $name }}" name="tuning[{{ $name }}]" :label="$label" :choices="$choices"
        :chosen="$own->$name === null ? '' : (int) $own->$name" />
    @endif
  @endforeach
  @if (in_array('align', $tunes))
    <x-tune-pictures id="tune-align" name="tuning[align]" label="Side" :chosen="$own->align"
      :choices="['' => ['as arranged', 'card'], 'start' => ['at the start', 'start'], 'center' => ['in the middle',
          'center'], 'end' => ['at the end', 'end']]" />
  @endif
  @if (in_array('gap', $tunes))
    <x-tune-number id="tune-gap" name="tuning[gap]" label="Spacing above" :range="$tuning::SPACING"
      :value="$own->spacing" placeholder="card’s" aria-describedby="error-{{ $chosen->id }}-tuning-gap" />
    @include('bench.error', ['key' => $chosen->id . '.tuning-gap', 'swap' => null])
  @endif
  @if (in_array('joined', $tunes))
    <x-tune-pictures id="tune-joined" name="tuning[joined]" label="Line" :chosen="(int) ($chosen->joined !== null)"
      :choices="['0' => ['a line of its own', 'own-line'], '1' => ['beside what is before it', 'same-line']]" />
  @endif
  <x-keep />
</x-edit-form>
@if (in_array('ink', $tunes))
  <x-edit-form :to="route('edit.tune', [$card, $chosen->id])" :card="$bench->card" :open="$open" edit="part"
    class="tune own-colour">
    <x-tune-row for="tune-colour" label="Own colour"><span class="with-unit"><input type="color" id="tune-colour"
          name="tuning[colour]" value="{{ $own->colour?->hex ?? $tuning->hex($own->ink->value ?? 'accent') }}"
          aria-describedby="error-{{ $chosen->id }}-tuning-colour">@if ($own->colour)<button class="btn-words"
            name="tuning[colour]" value="">back to an ink</button>@endif</span></x-tune-row>
    @include('bench.error', ['key' => $chosen->id . '.tuning-colour', 'swap' => null])
    <x-keep />
  </x-edit-form>
@endif
