@php($was = fn($field, $default = '') => is_string(request()->input($field)) ? mb_scrub(request()->input($field)) :
    $default)
<x-layouts.page title="Write a message" nav="tray">
  <main id="main" class="desk write">
    <div class="desk-head">
      <h1>{{ ['new' => 'Write', 'reply' => 'Reply', 'forward' => 'Forward'][$way] }}</h1>
      <p class="quiet">As a mail program would: the card placed for the address goes under your
        words{{ $way === 'new' ? '' : ', above what is quoted' }}.</p>
      <a class="btn btn-line ms-end" href="{{ route('tray') }}">Back to the tray</a>
    </div>
    @if ($readies->isNotEmpty())
      <form method="get" action="{{ route('tray.write') }}" class="way-buttons ready-file"><label
          for="write-ready">Start from</label><select class="form-select" id="write-ready" name="ready">
          <option value="">an empty message</option>
          @foreach ($readies as $id => $name)
            <option value="{{ $id }}" @selected($ready?->id === $id)>{{ $name }}</option>
          @endforeach
        </select>
        <button class="btn btn-line">Take it</button>
      </form>
    @endif
    <form method="post" action="{{ route('tray.send') }}" class="stack write-form">@csrf
      @if ($ready)
        <input type="hidden" name="ready" value="{{ $ready->id }}">
      @endif
      <input type="hidden" name="of" value="{{ $of }}"><input type="hidden" name="way"
        value="{{ $way }}">
      @foreach ([
          ['from', 'From', $was('from', $way === 'reply' ? $earlier->to() : $member)],
          ['to', 'To', $was('to', $way === 'reply' ? $earlier->from() : $member)],
          ['subject', 'Subject', $was('subject', $earlier
              ? ($way === 'reply' ? 'Re: ' : 'Fwd: ') . $earlier->subject()
              : $ready->subject ?? '')],
      ] as [$field, $label, $value])
        <div class="line-row"><label for="write-{{ $field }}">{{ __($label) }}</label>
          <div><input class="form-control" id="write-{{ $field }}" name="{{ $field }}"
              value="{{ $value }}" autocomplete="off" @if ($field === 'from') list="addresses" @endif
              aria-describedby="error-write-{{ $field }}"
              @isset($refused[$field]) aria-invalid="true" @endisset>
            <p class="field-error" id="error-write-{{ $field }}">{{ $refused[$field] ?? '' }}</p>
          </div>
        </div>
      @endforeach
      <datalist id="addresses">
        @foreach ($placements->pluck('address')->unique() as $address)
          <option value="{{ $address }}">
        @endforeach
      </datalist>
      <div class="line-row"><label for="write-card">Card</label>
        <div><select class="form-select" id="write-card" name="card" aria-describedby="error-write-card">
            <option value="">the one placed for this address</option>
            <option value="none" @selected($was('card') === 'none')>none, for this message</option>
            @foreach ($cards as $id => $name)
              <option value="{{ $id }}" @selected($was('card') === (string) $id)>{{ $name }}</option>
            @endforeach
          </select>
          <p class="field-error" id="error-write-card">{{ $refused['card'] ?? '' }}</p>
        </div>
      </div>
      <div class="line-row"><label for="write-format">Written as</label>
        <div><select class="form-select" id="write-format" name="format">
            <option value="html">HTML</option>
            <option value="plain" @selected($was('format') === 'plain')>plain text</option>
          </select></div>
      </div>
      <div class="line-row"><label for="write-body">Message</label>
        <div>
          <textarea class="form-control" id="write-body" name="body" rows="7" aria-describedby="error-write-body">{{
              $was('body', $ready->body ?? '') }}</textarea>
          <p class="field-error" id="error-write-body">{{ $refused['body'] ?? '' }}</p>
        </div>
      </div>
      @isset($refused['blanks'])
        <div>
          <p class="field-error" id="error-blanks" role="alert">{{ $refused['blanks'] }}</p><label
            class="check"><input type="checkbox" name="anyway" value="1" aria-describedby="error-blanks">
            <span>Send it as it stands</span></label>
        </div>
      @endisset
      <button class="btn btn-stamp">Send</button>
    </form>
    <h2>Placed</h2>
    <p class="help">Which card goes under which mail is set on the <a href="{{ route('cards') }}">cards</a>.</p>
    @if ($placements->isEmpty())
      <p>No card is placed yet.</p>
    @else
      <div class="table-scroll">
        <table class="differences">
          <thead>
            <tr>
              <th scope="col">Address</th>
              <th scope="col">For</th>
              <th scope="col">Card</th>
            </tr>
          </thead>
          <tbody>
            @foreach ($placements as $place)
              <tr>
                <th scope="row">{{ $place->address }}</th>
                <td>{{ __($situations[$place->situation]) }}</td>
                <td>{{ $place->name }}</td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <p class="help"><a href="{{ route('placements') }}">All addresses and what goes under their mail</a></p>
    @endif
  </main>
</x-layouts.page>
