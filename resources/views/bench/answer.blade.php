@php($swap = true)
@if($whole)
@include('bench.order')
@else
@foreach($bench->document->pieces as $piece)
@if($piece->id === $changed)
@include('bench.face')
@foreach($piece->kind->fields() as $field)
@include('bench.error', ['key' => $piece->id.'.'.$field->name])
@endforeach
@endif
@endforeach
@endif
@if($changed === '')@include('bench.error', ['key' => 'name'])@endif
@include('bench.source')
@include('bench.kept', ['redo' => $whole ? null : false])
@include('bench.gauges')
@include('bench.conflict')
@if($open !== '' || $changed === '')@include('bench.tuning')@endif
@include('bench.said')
