@php($swap = true)
@include('bench.conflict')
<div id="said" class="visually-hidden" role="status" hx-swap-oob="true">Changed elsewhere meanwhile. Your edit was not
  kept.</div>
