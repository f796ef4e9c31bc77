{{-- What the status says of an answer, once typing rests (bench.js): the status itself stays. --}}
<div id="saying" hidden hx-swap-oob="true">{{ $said }}</div>
