@php($id = $piece->id)
@php($card = $bench->card->id)
<li id="piece-{{ $id }}" @class(['piece', 'hidden-piece' => !$piece->shown])>
  <details name="piece" data-piece="{{ $id }}"
    @if ($resizes = $piece->kind->resizes()) data-resize="{{ implode(' ', $resizes) }}" @endif
    @if ($open === $id) open @endif>
    <summary title="{{ $piece->kind->purpose() }}"><span class="grasp" aria-hidden="true"><x-icon
          name="chevron-expand" /></span><x-icon :name="$piece->kind->icon()" />@include('bench.face')</summary>
    <form method="post" action="{{ route('edit.fill', [$card, $id]) }}" enctype="multipart/form-data" class="fields"
      hx-post="{{ route('edit.fill', [$card, $id]) }}" hx-encoding="multipart/form-data"
      hx-trigger="typed, change, submit" hx-swap="none" hx-sync="#main:queue all">
      @include('bench.hidden')
      @foreach ($piece->kind->fields() as $field)
        <x-field :piece="$piece" :field="$field" :card="$card" :refused="$refused" />
      @endforeach
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </form>
    <div class="row-tools">
      <form method="post" action="{{ route('edit.move', [$card, $id]) }}"
        hx-post="{{ route('edit.move', [$card, $id]) }}" hx-swap="none" hx-sync="#main:queue all">
        @include('bench.hidden')
        <button id="up-{{ $id }}" name="up" value="1" class="btn btn-plain btn-icon"
          aria-label="Move {{ $piece->kind->label() }} up" title="Move up (Alt + up)"><x-icon
            name="chevron-up" /></button>
        <button id="down-{{ $id }}" name="up" value="0" class="btn btn-plain btn-icon"
          aria-label="Move {{ $piece->kind->label() }} down" title="Move down (Alt + down)"><x-icon
            name="chevron-down" /></button>
      </form>
      <form method="post" action="{{ route('edit.copy', [$card, $id]) }}"
        hx-post="{{ route('edit.copy', [$card, $id]) }}" hx-swap="none" hx-sync="#main:queue all">
        @include('bench.hidden')
        <button class="btn btn-plain btn-icon" aria-label="Copy {{ $piece->kind->label() }}"
          title="A second one like it"><x-icon name="copy" /></button>
      </form>
      <form method="post" action="{{ route('edit.remove', [$card, $id]) }}"
        hx-post="{{ route('edit.remove', [$card, $id]) }}" hx-swap="none" hx-sync="#main:queue all">
        @include('bench.hidden')
        <button class="btn btn-plain">Take off the card</button>
      </form>
    </div>
  </details>
  <form method="post" action="{{ route('edit.show', [$card, $id]) }}" class="eye"
    hx-post="{{ route('edit.show', [$card, $id]) }}" hx-swap="none" hx-sync="#main:queue all">
    @include('bench.hidden')
    <button id="eye-{{ $id }}" name="shown" value="{{ $piece->shown ? 0 : 1 }}"
      aria-label="{{ $piece->kind->label() }} shown" aria-pressed="{{ $piece->shown ? 'true' : 'false' }}"
      title="{{ $piece->shown ? 'Hide' : 'Show' }}">
      @if ($piece->shown)
      <x-icon name="eye" />@else<x-icon name="eye-slash" />
      @endif
    </button>
  </form>
</li>
