@php($swap = true)
@foreach($refused as $key => $sentence)
@include('bench.error')
@endforeach
@include('bench.said')
