<dialog id="keys" aria-labelledby="keys-title">
  <h2 id="keys-title">Keys</h2>
  <dl class="keys">
    @foreach ([
        'J' => 'next piece', 'K' => 'previous piece', __('Enter') => 'edit it', 'H' => 'hide or show it',
        __('Alt + up, down') => 'move it', 'A' => 'add a piece', 'Z' => __('undo'), __('Shift + Z') => __('redo'), 'P'
            => __('proof'),
        'G' => 'hand over', 'Y' => __('history'), '/' => 'find anything', '?' => 'these keys',
    ] as $key => $does)
      <div>
        <dt><kbd>{{ __($key) }}</kbd></dt>
        <dd>{{ __($does) }}</dd>
      </div>
    @endforeach
  </dl>
  <label class="check"><input type="checkbox" id="single-keys" checked> Single letters do this</label>
  <p class="help">None of them does anything while you type.</p>
  <form method="dialog"><button class="btn btn-line">Close</button></form>
</dialog>
