@php($id = $piece->id)
@php($card = $bench->card->id)
<li id="piece-{{ $id }}" @class(['piece', 'hidden-piece' => !$piece->shown])
  @if ($piece->joined !== null) data-joined @endif>
  <details name="piece" data-piece="{{ $id }}"
    @if ($resizes = $piece->kind->resizes()) data-resize="{{ implode(' ', $resizes) }}" @endif
    @if ($open === $id) open @endif>
    <summary title="{{ __($piece->kind->purpose()) }}"><span class="grasp" aria-hidden="true"><x-icon
          name="chevron-expand" /></span><x-icon :name="$piece->kind->icon()" />@include('bench.face')</summary>
    <x-folded :closed="($folded ?? false) && $open !== $id">
    @if ($bench->showsProfiles($piece))
      @include('bench.profile-add')
    @endif
    @if ($bench->takesPicture($piece))
      @include('bench.picture-ways')
    @endif
    <x-edit-form :to="route('edit.fill', [$card, $id])" :card="$bench->card" :open="$open" edit="typed"
      enctype="multipart/form-data" class="fields">
      @foreach ($piece->kind->fields() as $field)
        @continue($field->input === 'profiles')
        <x-field :piece="$piece" :field="$field" :card="$card" :refused="$refused"
          :wanted="$bench->wanted($piece)" />
      @endforeach
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </x-edit-form>
    @if ($mailboxes = $bench->mailboxes($piece))
      <x-edit-form :to="route('edit.fill', [$card, $id])" :card="$bench->card" :open="$open" edit="press"
        class="mailboxes">
        <input type="hidden" name="whole" value="1">
        @foreach ($mailboxes as $whose => $mailbox)
          <button class="btn btn-plain btn-small" name="fields[address]" value="{{ $mailbox }}">Take {{ $whose }}:
            {{ $mailbox }}</button>
        @endforeach
      </x-edit-form>
    @endif
    @include('bench.state')
    {{-- Their form stands once on the page. --}}
    <div class="row-tools">
      <button id="up-{{ $id }}" name="up" value="1" class="btn btn-plain btn-icon" form="edit"
        formaction="{{ route('edit.move', [$card, $id]) }}" aria-label="Move {{ __($piece->kind->label()) }} up"
        title="Move up (Alt + up)"><x-icon name="chevron-up" /></button>
      <button id="down-{{ $id }}" name="up" value="0" class="btn btn-plain btn-icon" form="edit"
        formaction="{{ route('edit.move', [$card, $id]) }}" aria-label="Move {{ __($piece->kind->label()) }} down"
        title="Move down (Alt + down)"><x-icon name="chevron-down" /></button>
      <button class="btn btn-plain btn-icon" form="edit" formaction="{{ route('edit.copy', [$card, $id]) }}"
        aria-label="Copy {{ __($piece->kind->label()) }}" title="A second one like it"><x-icon name="copy" /></button>
      <button class="btn btn-plain" form="edit" formaction="{{ route('edit.remove', [$card, $id]) }}">Take off the
        card</button>
    </div>
    </x-folded>
  </details>
  <button id="eye-{{ $id }}" class="eye" name="shown" value="{{ $piece->shown ? 0 : 1 }}" form="edit"
    formaction="{{ route('edit.show', [$card, $id]) }}" aria-label="{{ __($piece->kind->label()) }} shown"
    aria-pressed="{{ $piece->shown ? 'true' : 'false' }}" title="{{ $piece->shown ? 'Hide' : 'Show' }}">
    <x-icon :name="$piece->shown ? 'eye' : 'eye-slash'" />
  </button>
</li>
