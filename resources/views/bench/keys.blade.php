<dialog id="keys" aria-labelledby="keys-title">
  <h2 id="keys-title">Keys</h2>
  <dl class="keys">
    @foreach ([
        'J' => 'next piece', 'K' => 'previous piece', 'Enter' => 'edit it', 'H' => 'hide or show it',
        'Alt + up, down' => 'move it', 'A' => 'add a piece', 'Z' => 'undo', 'Shift + Z' => 'redo', 'P' => 'proof',
        'G' => 'hand over', 'Y' => 'history', '/' => 'find anything', '?' => 'these keys',
    ] as $key => $does)
      <div>
        <dt><kbd>{{ $key }}</kbd></dt>
        <dd>{{ $does }}</dd>
      </div>
    @endforeach
  </dl>
  <label class="check"><input type="checkbox" id="single-keys" checked> Single letters do this</label>
  <p class="help">None of them does anything while you type.</p>
  <form method="dialog"><button class="btn btn-line">Close</button></form>
</dialog>
