@php($chosen = $bench->piece($open))
@php($tuning = $bench->tuning())
@php($style = $tuning->style)
@php($card = $bench->card->id)
<section id="tuning" class="tuning" aria-label="Tuning" @isset($swap) hx-swap-oob="morph" @endisset>
  @if ($chosen)
    @include('bench.tuning-piece', ['tunes' => $chosen->kind->tunes()])
    @include('bench.advice', ['swap' => null])
    @if ($tuning->hasMarks($chosen))
      @include('bench.marks', ['swap' => null])
    @endif
    <h2>On the card</h2>
    <x-edit-form :to="route('edit.days', [$card, $chosen->id])" :card="$bench->card" :open="$open" class="tune">
      @foreach (['from' => 'First day', 'until' => 'Last day'] as $end => $label)
        <x-tune-row :for="'days-' . $end" :label="$label"><input class="form-control" type="date" id="days-{{ $end }}"
            name="{{ $end }}" value="{{ $chosen->window?->$end?->iso }}"
            aria-describedby="error-{{ $chosen->id }}-window-{{ $end }}"></x-tune-row>
        @include('bench.error', ['key' => $chosen->id . '.window-' . $end, 'swap' => null])
      @endforeach
      @if ($chosen->window)
        <p class="help">Its days begin and end in {{ str_replace(['/', '_'], [', ', ' '],
            $bench->card->workspace->clock()) }}.
          Cards taken before keep what they had: handing over says until when.</p>
      @endif
      <x-keep />
    </x-edit-form>
    <h2>For the team</h2>
    <x-edit-form :to="route('edit.assign', [$card, $chosen->id])" :card="$bench->card" :open="$open" class="tune">
      <x-tune-choice id="tune-by" name="by" label="Filled by" :chosen="$chosen->filledBy->value"
        :choices="['free' => 'anyone, free to change', 'us' => 'us, the same for all',
            'person' => 'each person, or left out', 'must' => 'each person, and has to be']" />
      <x-keep />
    </x-edit-form>
  @endif
  @include('bench.tuning-several')
  @include('bench.tuning-style')
</section>
