@php($sentence = $refused[$part][$field] ?? '')
<p class="field-error" id="error-{{ $part }}-{{ $field }}" @if($sentence) role="alert" @endif>{{ $sentence }}</p>
