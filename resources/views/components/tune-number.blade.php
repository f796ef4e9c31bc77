{{-- A number of tuning with its unit; `range` is smallest and largest. --}}
@props(['id', 'name', 'label', 'range', 'value' => null, 'step' => 1, 'unit' => 'px'])
<x-tune-row :for="$id" :label="$label"><span class="with-unit"><input class="form-control" type="number"
      id="{{ $id }}" name="{{ $name }}" min="{{ $range[0] }}" max="{{ $range[1] }}" step="{{ $step }}"
      value="{{ $value }}" {{ $attributes }}><span class="measure">{{ $unit }}</span></span></x-tune-row>
