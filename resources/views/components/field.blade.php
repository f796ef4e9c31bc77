{{-- A field of a piece: as its kind keeps it, or, where that was refused, as it was typed. --}}
@props(['piece', 'field', 'card', 'refused' => [], 'swap' => null, 'wanted' => ''])
@php($key = $piece->id . '.' . $field->name)
@php($input = 'field-' . $piece->id . '-' . $field->name)
@php($error = 'error-' . $piece->id . '-' . $field->name)
@php($stored = $piece->fields[$field->name] ?? '')
@php($value = is_array($stored) ? implode("\n", $stored) : (string) $stored)
@php($typed = request()->input("fields.{$field->name}"))
@php($value = isset($refused[$key]) && is_string($typed) ? mb_scrub($typed) : $value)
<div class="field">
  <label for="{{ $input }}">{{ __($field->label) }}</label>
  @if ($field->input === 'choice')
    <select class="form-select" id="{{ $input }}" name="fields[{{ $field->name }}]"
      aria-describedby="{{ $error }}">
      @foreach ($field->choices as $choice => $label)
        <option value="{{ $choice }}" @selected($value === (string) $choice)>{{ __($label) }}</option>
      @endforeach
    </select>
  @elseif(in_array($field->input, ['lines', 'paragraphs', 'sentences'], true))
    <textarea class="form-control" id="{{ $input }}" name="fields[{{ $field->name }}]"
      rows="{{ max(2, substr_count($value, "\n") + 2) }}"
      @if ($field->example !== '') placeholder="for example {{ $field->example }}" @endif
      spellcheck="{{ $field->input === 'sentences' ? 'true' : 'false' }}"
      @if ($field->input === 'sentences') data-phrases @endif
      aria-describedby="{{ $error }}">{{ $value }}</textarea>
  @elseif($field->input === 'picture')
    <input class="form-control" id="{{ $input }}" name="upload" type="file"
      accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml" aria-describedby="{{ $error }}">
    <div class="chooser" id="chooser-{{ $piece->id }}"><a
        href="{{ route('picture.choose', ['card' => $card, 'piece' => $piece->id]) }}"
        hx-get="{{ route('picture.choose', ['card' => $card, 'piece' => $piece->id]) }}"
        hx-target="#chooser-{{ $piece->id }}" hx-swap="innerHTML" hx-select="#choose">Choose from pictures</a></div>
    <p class="help">{{ $wanted }}</p>
  @else
    <input class="form-control" id="{{ $input }}" name="fields[{{ $field->name }}]"
      type="{{ ['tel' => 'tel', 'pixels' => 'number', 'date' => 'date', 'time' => 'time'][$field->input] ?? 'text' }}"
      @if ($field->input === 'email') inputmode="email" @elseif($field->input === 'url') inputmode="url" @endif
      @if ($field->ready !== []) list="ready-{{ $input }}" @endif
      @readonly(in_array($field->name, $piece->kind->following($piece), true)) value="{{ $value }}"
      @if ($field->example !== '') placeholder="for example {{ $field->example }}" @endif autocomplete="off"
      @if ($field->input === 'sentence') data-phrases @endif
      spellcheck="{{ in_array($field->input, ['text', 'sentence'], true) ? 'true' : 'false' }}"
      aria-describedby="{{ $error }}">
  @endif
  @if ($field->ready !== [] && $field->input === 'sentences')
    <details class="ready-words">
      <summary>Ready wording, yours to have checked</summary>
      @foreach ($field->ready as $words)
        <button type="button" class="btn btn-plain" data-put="{{ $input }}">{{ __($words) }}</button>
      @endforeach
    </details>
  @elseif($field->ready !== [])
    <datalist id="ready-{{ $input }}">
      @foreach ($field->ready as $words)
        <option value="{{ __($words) }}"></option>
      @endforeach
    </datalist>
  @endif
  @if (in_array($field->input, ['sentence', 'sentences'], true))
    <p class="help"><button type="button" class="btn btn-plain btn-small scripted"
        data-link-words="{{ $input }}" title="Ctrl + K">Link selected words</button> <span class="unscripted">[Words] in
        brackets with an (address) right behind them lead there.</span></p>
  @endif
  @if (in_array($field->name, $piece->kind->following($piece), true))
    <p class="help">Follows {{ $piece->text('feed') === '' ? 'your list' : 'the feed' }}.</p>
  @elseif ($field->help)
    <p class="help">{{ __($field->help) }}</p>
  @endif
  <x-help :topic="$piece->kind->key() . '.' . $field->name . '|' . $field->name" />
  @include('bench.error')
</div>
