{{-- A picture behind words, and how much of the background is laid over it. --}}
<x-tune-choice id="{{ $id }}-picture" name="{{ $name }}[picture]" label="a picture"
  :choices="$tuning->pictures($behind)" :chosen="$behind->ref ?? ''" />
@if ($behind)
  <x-tune-number id="{{ $id }}-veil" name="{{ $name }}[veil]" label="background over it" :range="$tuning::VEIL"
    :value="$behind->veil" step="5" unit="%" />
  <p class="help">The Word engine and blocked pictures show the background alone.</p>
@endif
