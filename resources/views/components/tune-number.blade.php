{{-- A number of tuning with its unit; `range` is smallest and largest. Arrow keys step it, and so do its buttons. --}}
@props(['id', 'name', 'label', 'range', 'value' => null, 'step' => 1, 'unit' => 'px', 'help' => ''])
<x-tune-row :for="$id" :label="$label" :help="$help"><span class="with-unit stepper"><button type="button"
  class="scripted"
      data-step="-1" tabindex="-1" aria-hidden="true">−</button><input class="form-control" type="number"
      id="{{ $id }}" name="{{ $name }}" min="{{ $range[0] }}" max="{{ $range[1] }}" step="{{ __($step) }}"
      value="{{ $value }}" {{ $attributes }}><button type="button" class="scripted" data-step="1" tabindex="-1"
      aria-hidden="true">+</button><span class="measure">{{ $unit }}</span></span></x-tune-row>
