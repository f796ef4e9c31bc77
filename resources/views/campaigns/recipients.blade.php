<x-layouts.page title="Recipients" nav="campaigns">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Recipients</h1>
      <p class="quiet">{{ trans_choice(':count recipient|:count recipients', $list->total()) }}. Choose one
        to see the footer as they have it.</p>
      <form method="get" class="list-tools ms-end" role="search">
        @if ($footer)
          <input type="hidden" name="footer" value="{{ $footer->id }}">
        @endif
        <input class="form-control" type="search" name="find" value="{{ $find }}" aria-label="Find a recipient"
          placeholder="Find by name or address"><button class="btn btn-line">Find</button>
      </form>
      <a class="btn btn-line" href="{{ $footer ? route('footer', $footer->id) : route('campaigns') }}">Back</a>
    </div>
    <x-told />
    @if ($list->isEmpty())
      <div class="empty">
        <h2>{{ $find === '' ? 'No recipients yet' : 'Nobody of that name' }}</h2>
        <p>Rows are brought in beside a footer.</p>
      </div>
    @else
      <ul class="recipients">
        @foreach ($list as $one)
          @php($values = array_map(strval(...), (array) json_decode($one->data, true)))
          <li><span><strong>{{ $one->address }}</strong> <span class="quiet">{{ implode(', ',
              array_slice(array_filter(array_diff($values, [$one->address])), 0, 5)) }}</span>
              @if ($one->why)
                <span class="why-alone">{{ __($ways[$one->why]) }} {{ Moments::day($one->since) }}</span>
              @endif
            </span>
            @if ($footer)
              <a href="{{ route('footer', [$footer->id, 'recipient' => $one->id]) }}"
                aria-label="See theirs: the footer as {{ $one->address }} has it">See theirs</a>
            @endif
            @if (($one->why ?? 'hand') === 'hand')
              <form method="post" action="{{ route('recipients.leave') }}" class="inline">@csrf<input type="hidden"
                  name="recipient" value="{{ $one->id }}"><input type="hidden" name="again"
                  value="{{ (int) ($one->why === 'hand') }}"><button class="btn-words"
                  aria-label="{{ $one->why ? 'Write again to' : 'Leave alone' }} {{ $one->address }}">{{ $one->why
                  ? 'Write again' : 'Leave alone' }}</button></form>
            @endif
            <form method="post" action="{{ route('recipients.remove') }}" class="inline">@csrf<input type="hidden"
                name="recipient" value="{{ $one->id }}"><button class="btn-words"
                aria-label="Remove {{ $one->address }}">Remove</button></form>
          </li>
        @endforeach
      </ul>
      <x-pages :list="$list" />
    @endif
  </main>
</x-layouts.page>
