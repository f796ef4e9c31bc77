@php($swap = true)
@include('bench.conflict')
<div id="saying" hidden hx-swap-oob="true">Changed elsewhere meanwhile. Your edit was not
  kept.</div>
