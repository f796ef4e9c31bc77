<x-layouts.page title="What was done">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>What was done, by whom</h1>
      <form method="get" class="list-tools ms-end" data-at-once>
        <select class="form-select" name="who" aria-label="By whom">
          <option value="">by anybody</option>
          @foreach ($members as $id => $name)
            <option value="{{ $id }}" @selected($only['who'] === $id)>{{ $name }}</option>
          @endforeach
        </select>
        <select class="form-select" name="object" aria-label="To what">
          <option value="">to anything</option>
          @foreach ($objects as $object)
            <option @selected($only['object'] === $object)>{{ $object }}</option>
          @endforeach
        </select><noscript><button class="btn btn-line">Show</button></noscript>
      </form>
      <a class="btn btn-line" href="{{ route('settings.log.file', array_filter($only)) }}" download>CSV</a>
      <a class="btn btn-line" href="{{ route('settings') }}">Back</a>
    </div>
    @if ($list->isEmpty())
      <div class="empty">
        <h2>Nothing yet</h2>
        <p>What members do is kept here for 400 days.</p>
      </div>
    @else
      <ul class="rows">
        @foreach ($list as $one)
          <li><span>{{ $one->who }} {{ $one->words }}@if ($one->object_id !== '')
                <a href="{{ route('settings.log', ['object' => $one->object, 'id' => $one->object_id]) }}"
                  title="All of this {{ $one->object }}">no. {{ $one->object_id }}</a>
              @endif
              @if ($one->times > 1)
                <span class="help">{{ $one->times }} times</span>
              @endif
            </span><span class="measure">{{ Moments::at($one->at) }}</span></li>
        @endforeach
      </ul>
      <x-pages :list="$list" />
    @endif
  </main>
</x-layouts.page>
