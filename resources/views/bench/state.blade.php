{{-- What stands between a piece and a reader: why it is not on the card, what of it is made up, what of it was
    changed. --}}
@php($absence = $piece->shown ? $bench->document->absence($piece) : '')
@php($samples = $piece->samples())
<div id="state-{{ $piece->id }}" class="state" @isset($swap) hx-swap-oob="true" @endisset>
  @if ($absence !== '')
    <p class="absent">{{ $absence }}</p>
  @endif
  @if ($samples !== [])
    <p class="help">Made up by the starter:
      {{ implode(', ', array_map(fn($field) => Str::lower(__($field->label)), array_filter($piece->kind->fields(),
          fn($field) => in_array($field->name, $samples, true)))) }}.
      <button class="btn btn-plain" form="edit"
        formaction="{{ route('edit.own', [$bench->card->id, $piece->id]) }}">It is mine as it is</button></p>
  @endif
  @if ($piece->text('follows') !== '')
    <p class="help">It says what your list says. <a href="{{ route('quotations') }}">See the list</a></p>
  @endif
  @if ($piece->text('feed') !== '')
    <p class="help" id="feed-{{ $piece->id }}" hx-get="{{ route('feed', [$bench->card->id, $piece->id]) }}"
      hx-trigger="load" hx-swap="innerHTML">The feed is asked …</p>
  @endif
  @if ($piece->text('given') !== '')
    @if ($piece->lines('dropped') !== [])
      <p class="help">Taken out: {{ implode(', ', $piece->lines('dropped')) }}.</p>
    @endif
    <details class="given" id="given-{{ $piece->id }}">
      <summary>As you pasted it, and what was changed</summary>
      <ul class="help">
        @foreach ($piece->lines('rewritten') as $change)
          <li><code>{{ $change }}</code></li>
        @endforeach
      </ul>
      <pre tabindex="0" aria-label="The HTML as you pasted it">{{ $piece->text('given') }}</pre>
    </details>
  @endif
</div>
