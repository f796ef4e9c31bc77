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
    <h2>For the team</h2>
    <x-edit-form :to="route('edit.assign', [$card, $chosen->id])" :card="$bench->card" :open="$open" class="tune">
      <x-tune-choice id="tune-by" name="by" label="Filled by" :chosen="$chosen->filledBy->value"
        :choices="['free' => 'anyone, free to change', 'us' => 'us, the same for all', 'person' => 'each person']" />
      <x-keep />
    </x-edit-form>
  @endif
  @include('bench.tuning-several')
  @include('bench.tuning-style')
</section>
