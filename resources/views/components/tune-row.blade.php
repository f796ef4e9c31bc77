@props(['for', 'label', 'help' => ''])
<div class="tune-row"><label for="{{ $for }}" @if ($help !== '') title="{{ $help }}" @endif>{{ $label }}</label>{{ $slot }}</div>
