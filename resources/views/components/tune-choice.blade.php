{{-- A choice of tuning: value => what it is called. --}}
@props(['id', 'name', 'label', 'choices', 'chosen' => null, 'help' => '', 'names' => false])
<x-tune-row :for="$id" :label="$label" :help="$help"><select class="form-select" id="{{ $id }}" name="{{ $name }}"
    @if ($names) translate="no" @endif>
    @foreach ($choices as $value => $called)
      <option value="{{ $value }}"
          @selected($chosen !== null && (string) $chosen === (string) $value)>{{ __($called) }}</option>
    @endforeach
  </select></x-tune-row>
