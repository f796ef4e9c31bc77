{{-- A blank of the front page's sentence: as wide as what stands in it. --}}
@props(['name', 'front', 'label'])
@php($sample = $front::SAMPLES[$name])
<span class="blank"><input name="{{ $name }}" value="{{ $front->typed[$name] }}" placeholder="{{ $name === 'reach'
    ? 'mail, phone or site' : $sample }}" aria-label="{{ __($label) }}" maxlength="160" spellcheck="false"
    autocomplete="off" {{ $attributes }}></span>