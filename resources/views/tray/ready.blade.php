<x-layouts.page title="Ready messages" nav="tray">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Ready messages</h1>
      <p class="quiet">Often sent, kept in your order. What changes each time stands in [square brackets].</p>
      <a class="btn btn-line ms-end" href="{{ route('tray') }}">Back to the tray</a>
      <a class="btn btn-stamp" href="{{ route('ready.new') }}">New message</a>
    </div>
    <x-told />
    @if ($list->isEmpty())
      <div class="empty">
        <h2>None is kept yet</h2>
        <p>Keep the words you send again and again: a first answer, an offer, the directions for a new colleague's card.
          A card goes under them when you write or take the file.</p><a class="btn btn-line"
          href="{{ route('ready.new') }}">Write the first</a>
      </div>
    @else
      <ol class="ready-list" start="{{ $list->firstItem() }}">
        @foreach ($list as $row)
          @php($blanks = $row->message()->blanks())
          <li>
            <div><a href="{{ route('ready.message', $row->id) }}">{{ $row->name }}</a>
              <p class="help">{{ $row->subject === '' ? '(no subject)' : $row->subject }} ·
                {{ $blanks === [] ? 'no blanks' : trans_choice(':count blank|:count blanks', count($blanks)) }}</p>
            </div>
            <span class="way-buttons"><a class="btn btn-line" href="{{ route('tray.write', ['ready' => $row->id]) }}"
                aria-label="Write with it: {{ $row->name }}">Write with it</a>
              <form method="post" action="{{ route('ready.move', $row->id) }}" class="inline ready-move">@csrf<button
                  class="btn btn-plain" name="to" value="up" @if (session('moved') === "$row->id up") autofocus @endif
                  aria-label="Up: {{ $row->name }}" @disabled($loop->first && $list->onFirstPage())><x-icon
                    name="chevron-up" /></button><button class="btn btn-plain" name="to" value="down"
                  @if (session('moved') === "$row->id down") autofocus @endif aria-label="Down: {{ $row->name }}"
                  @disabled($loop->last && !$list->hasMorePages())><x-icon name="chevron-down" /></button></form>
              <form method="post" action="{{ route('ready.remove', $row->id) }}" class="inline">@csrf<button
                  class="btn-words" aria-label="Remove: {{ $row->name }}">Remove</button></form>
            </span>
          </li>
        @endforeach
      </ol>
      <x-pages :list="$list" before="Before" after="After" />
    @endif
  </main>
</x-layouts.page>
