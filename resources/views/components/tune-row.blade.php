@props(['for', 'label'])
<div class="tune-row"><label for="{{ $for }}">{{ $label }}</label>{{ $slot }}</div>
