@php($own = $chosen->tuning)
<h2>{{ $chosen->kind->label() }}</h2>
<x-edit-form :to="route('edit.tune', [$card, $chosen->id])" :card="$bench->card" :open="$open" class="tune">
  @if (in_array('ink', $tunes))
    <fieldset class="tune-row">
      <legend>Ink</legend>
      <div class="swatches">
        @foreach ($tuning->inks() as $role => $label)
          <label class="swatch" title="{{ $label }} {{ $tuning->hex($role) }}"
            ><input type="radio" name="tuning[ink]" id="ink-{{ $role }}" value="{{ $role }}"
              aria-label="{{ $label }} ink" @checked($own->ink?->value === $role)><svg aria-hidden="true"
              viewBox="0 0 24 24"><circle cx="12" cy="12" r="11.5" fill="{{ $tuning->hex($role) }}" /></svg></label>
        @endforeach
        <label class="swatch swatch-auto"><input type="radio" name="tuning[ink]" id="ink-auto" value=""
            aria-label="Ink as the card's style says" @checked($own->ink === null)><span>style</span></label>
      </div>
    </fieldset>
  @endif
  @if (in_array('size', $tunes))
    <x-tune-number id="tune-size" name="tuning[size]" label="Size" :range="$tuning::SIZE" step="0.5"
      :value="$own->size" :placeholder="$bench->sizeOf($chosen)" aria-describedby="error-{{ $chosen->id
          }}-tuning-size" />
    @include('bench.error', ['key' => $chosen->id . '.tuning-size', 'swap' => null])
  @endif
  @foreach ([
      'bold' => ['Weight', ['regular', 'bold']],
      'italic' => ['Slant', ['upright', 'italic']],
      'caps' => ['Letters', ['as typed', 'spaced capitals']],
      'underline' => ['Underline', ['no line', 'a line under links']],
  ] as $name => [$label, $choices])
    @if (in_array($name, $tunes))
      <x-tune-choice id="tune-{{ $name }}" name="tuning[{{ $name }}]" :label="$label"
        :choices="['' => 'style'] + $choices" :chosen="$own->$name === null ? '' : (int) $own->$name" />
    @endif
  @endforeach
  @if (in_array('align', $tunes))
    <x-tune-choice id="tune-align" name="tuning[align]" label="Stands" :chosen="$own->align"
      :choices="['' => 'as arranged', 'start' => 'at the start', 'center' => 'in the middle', 'end' => 'at the end']" />
  @endif
  @if (in_array('gap', $tunes))
    <x-tune-number id="tune-gap" name="tuning[gap]" label="Spacing above" :range="$tuning::SPACING"
      :value="$own->spacing" placeholder="style" aria-describedby="error-{{ $chosen->id }}-tuning-gap" />
    @include('bench.error', ['key' => $chosen->id . '.tuning-gap', 'swap' => null])
  @endif
  @if (in_array('joined', $tunes))
    <x-tune-choice id="tune-joined" name="tuning[joined]" label="Line"
      :choices="['its own line', 'same line as previous']" :chosen="(int) ($chosen->joined !== null)" />
  @endif
  <x-keep />
</x-edit-form>
@if (in_array('ink', $tunes))
  <x-edit-form :to="route('edit.tune', [$card, $chosen->id])" :card="$bench->card" :open="$open" edit="part"
    class="tune own-colour">
    <x-tune-row for="tune-colour" label="Own colour"><span class="with-unit"><input type="color" id="tune-colour"
          name="tuning[colour]" value="{{ $own->colour?->toHex() ?? $tuning->hex($own->ink->value ?? 'accent') }}"
          aria-describedby="error-{{ $chosen->id }}-tuning-colour">@if ($own->colour)<button class="btn-words"
            name="tuning[colour]" value="">back to an ink</button>@endif</span></x-tune-row>
    @include('bench.error', ['key' => $chosen->id . '.tuning-colour', 'swap' => null])
    <x-keep />
  </x-edit-form>
@endif
