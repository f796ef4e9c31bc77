{{-- A field with what is wrong with it below. --}}
@props(['name', 'label', 'type' => 'text', 'value' => '', 'help' => '', 'topic' => ''])
<div class="field"><label for="typed-{{ $name }}">{{ __($label) }}</label>
  <input class="form-control" id="typed-{{ $name }}" name="{{ $name }}" type="{{ $type }}" value="{{ $value }}"
    aria-describedby="{{ $help === '' ? '' : "help-$name " }}error-{{ $name }}"
    @if ($errors->has($name)) aria-invalid="true" @endif {{ $attributes }}>
  @if ($help !== '')
    <p class="help" id="help-{{ $name }}">{{ __($help) }}</p>
  @endif
  <x-help :topic="$topic" />
  <p class="field-error" id="error-{{ $name }}">{{ $errors->first($name) }}</p>
</div>
