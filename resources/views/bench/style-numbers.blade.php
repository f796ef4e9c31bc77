@foreach ($numbers[$group] as $number)
  <x-tune-number id="style-{{ $number->group }}-{{ $number->key }}" :label="$number->label" :range="$number->range"
    name="style[{{ $number->group }}][{{ $number->key }}]" :value="$number->value" :step="$number->step"
    :unit="$number->unit" :help="$number->help" />
@endforeach
