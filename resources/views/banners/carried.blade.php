<x-layouts.page title="Who carries an old banner" nav="banners">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Who carries an old banner</h1>
      <p class="quiet">Taken with their pictures inside, these cards keep the banner of that day.</p>
      <a class="btn btn-line ms-end" href="{{ route('banners') }}">Back to the plan</a>
    </div>
    @if ($old->isEmpty())
      <div class="empty">
        <h2>Nobody does</h2>
        <p>Cards whose pictures readers fetch follow the plan by themselves.</p>
      </div>
    @else
      <div class="table-scroll" tabindex="0" role="group" aria-label="Who carries an old banner">
        <table class="differences">
          <thead>
            <tr>
              <th scope="col">Card</th>
              <th scope="col">Taken for</th>
              <th scope="col">On</th>
              <th scope="col">Carries</th>
              <th scope="col">Due now</th>
              <th scope="col"><span class="visually-hidden">What to do</span></th>
            </tr>
          </thead>
          <tbody>
            @foreach ($old as $one)
              <tr>
                <th scope="row"><a href="{{ route('bench', $one->card) }}">{{ $one->name }}</a></th>
                <td>{{ $one->where }}</td>
                <td>{{ Moments::day($one->at->iso, 'long') }}</td>
                <td>{{ $one->had ?: 'nothing' }}</td>
                <td>{{ $one->has === $one->had && $one->has !== '' ? 'the same, changed'
                    : ($one->has ?: 'nothing') }}</td>
                <td><a href="{{ route('hand-over', ['card' => $one->card, 'to' => $one->to]) }}"
                    aria-label="Hand {{ $one->name }} over again">Hand it over again</a></td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <x-pages :list="$old" />
    @endif
  </main>
</x-layouts.page>
