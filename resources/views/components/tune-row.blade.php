@props(['for', 'label', 'help' => ''])
<div class="tune-row"><label for="{{ $for }}" @if ($help !== '') title="{{ __($help) }}"
    @endif>{{ __($label) }}</label>{{ $slot }}</div>
