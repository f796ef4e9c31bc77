{{-- A choice of tuning one sees: value => [what it is called, what it looks like]. The first is what the card says.
    --}}
@props(['id', 'name', 'label', 'choices', 'chosen' => ''])
<div class="tune-row" role="radiogroup" aria-label="{{ __($label) }}">
  <span class="label">{{ __($label) }}</span>
  <div class="pictured">
    @foreach ($choices as $value => [$called, $glyph])
      <label title="{{ __($called) }}"><input type="radio" name="{{ $name }}" id="{{ $id }}-{{ $value }}"
          value="{{ $value }}" aria-label="{{ __($label) }}: {{ __($called) }}"
              @checked((string) $chosen === (string) $value)><span
          class="glyph glyph-{{ $glyph }}" aria-hidden="true"><x-glyph :name="$glyph" /></span></label>
    @endforeach
  </div>
</div>
