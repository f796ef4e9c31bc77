@php($id = 'error-'.str_replace('.', '-', $key))
<p class="field-error" id="{{ $id }}" @isset($swap) hx-swap-oob="true" @endisset>{{ $refused[$key] ?? '' }}</p>
