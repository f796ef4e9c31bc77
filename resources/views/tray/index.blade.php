<x-layouts.page title="Mail tray" nav="tray">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
  </x-slot:head>
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Mail tray</h1>
      <p class="quiet">A stand-in mailbox: what is sent from here stays here, and what you drop in is looked at.</p>
      <a class="btn btn-line ms-end" href="{{ route('ready') }}">Ready messages</a>
      <a class="btn btn-stamp" href="{{ route('tray.write') }}">Write</a>
    </div>
    @if (session('told'))
      <p class="told" role="status">{{ session('told') }}</p>
    @endif
    <form method="post" action="{{ route('tray.drop') }}" enctype="multipart/form-data" class="tray-drop">@csrf
      <label for="tray-file">Drop in a message received elsewhere</label>
      <input class="form-control" id="tray-file" type="file" name="message" accept=".eml,.mbox,message/rfc822"
        aria-describedby="error-tray" @if (session('refused')) aria-invalid="true" @endif>
      <button class="btn btn-line">Look at it</button>
      <p class="field-error" id="error-tray">{{ session('refused') }}</p>
    </form>
    @if ($messages->isEmpty())
      <div class="empty">
        <h2>Nothing has arrived yet</h2>
        <p>Send yourself a test from a card's hand-over page, write a message here, or drop in one you saved from your
          mail program.</p><a class="btn btn-line" href="{{ route('cards') }}">To the cards</a>
      </div>
    @else
      <div class="table-scroll">
        <table class="differences tray-list">
          <thead>
            <tr>
              <th scope="col">Subject</th>
              <th scope="col">From</th>
              <th scope="col">To</th>
              <th scope="col">Arrived</th>
              <th scope="col">Verdict</th>
            </tr>
          </thead>
          <tbody>
            @foreach ($messages as $message)
              <tr>
                <th scope="row"><a
                    href="{{ route('tray.message', $message->id) }}">{{ $message->subject === '' ? '(no subject)' :
                        $message->subject }}</a>
                </th>
                <td>{{ $message->from }}</td>
                <td>{{ $message->to }}</td>
                <td class="measure">{{ Moments::at($message->received_at, 'short') }},
                  {{ $message->origin }}</td>
                @if ($message->verdict !== '')
                  <td>@include('tray.verdict', ['verdict' => $message->verdict, 'card' => (string) $message->card])</td>
                @else
                  <td hx-get="{{ route('tray.verdict', $message->id) }}" hx-trigger="revealed"
                    class="quiet">looking …</td>
                @endif
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <x-pages :list="$messages" />
    @endif
    @if ($outgoing->isNotEmpty())
      @include('tray.outgoing')
    @endif
  </main>
</x-layouts.page>
