@php($swap = true)
@if ($whole)
  @include('bench.arrangement')
  @include('bench.order')
@elseif($piece)
  @include('bench.face')
  @include('bench.state')
  @if ($bench->showsProfiles($piece))
    @include('bench.profiles')
  @endif
  @foreach ($piece->kind->fields() as $field)
    <p class="field-error" id="error-{{ $piece->id }}-{{ $field->name }}" hx-swap-oob="true"></p>
  @endforeach
  @foreach ($notes as $name => $note)
    <p class="help field-note" id="note-{{ $piece->id }}-{{ $name }}" hx-swap-oob="true">{{ $note }}</p>
  @endforeach
@endif
@if ($changed === '')
  <p class="field-error" id="error-name" hx-swap-oob="true"></p>
@endif
@include('bench.source')
@include('bench.kept')
@include('bench.figures')
<div id="conflict" class="conflict" hx-swap-oob="true"></div>
@if ($tuning)
  @include('bench.tuning')
@elseif($chosen)
  @include('bench.advice')
@endif
@include('bench.said')
