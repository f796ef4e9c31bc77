@foreach ($where as $name => $value)
  @if ($name !== 'window')
    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
  @endif
@endforeach
