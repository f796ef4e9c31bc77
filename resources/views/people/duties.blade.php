<x-layouts.page title="Duties" nav="people">
  <x-slot:head>
    <script type="module" src="{{ asset('js/proof.js') }}"></script>
  </x-slot>
  <main id="main" class="desk people">
    <div class="desk-head">
      <h1>Duties</h1>
      <p class="quiet">What the rules of the trade ask of each card</p>
      <span class="ms-end"></span>
      <a class="btn btn-plain no-print" href="{{ route('people.duties.file') }}" download>List as CSV</a>
      <button type="button" class="btn btn-line no-print" data-print>Print</button>
      <a class="btn btn-line no-print" href="{{ route('people') }}">Back</a>
    </div>
    @if (!$there)
      <div class="empty">
        <h2>The brand has no rules</h2>
        <p>Say under <a href="{{ route('brand') }}#rules">Brand</a> what the cards of your trade have to show.</p>
      </div>
    @elseif ($list->isEmpty())
      <div class="empty">
        <h2>Nobody has a card by a house card</h2>
        <p><a href="{{ route('people') }}">Let a group follow one</a></p>
      </div>
    @else
      <table class="staff">
        <thead>
          <tr>
            <th scope="col">Name</th>
            <th scope="col">Licence</th>
            <th scope="col">Notices</th>
          </tr>
        </thead>
        <tbody>
          @foreach ($rows as [$one, $lacks])
            <tr>
              <th scope="row"><a href="{{ route('person', $one->person_id) }}" translate="no">{{ $one->name }}</a></th>
              <td><span @class(['chip', 'chip-blocks' => $lacks?->licence, 'chip-good' => !$lacks?->licence])>{{
                  $lacks?->licence ? __('missing') : __('right') }}</span></td>
              <td><span @class(['chip', 'chip-blocks' => $lacks?->notices, 'chip-good' => !$lacks?->notices])>{{
                  $lacks?->notices ? __('missing: :what', ['what' => implode(', ', array_column($lacks->notices,
                  'name'))]) : __('right') }}</span></td>
            </tr>
          @endforeach
        </tbody>
      </table>
      <x-pages :list="$list" before="Back" after="Further" />
    @endif
  </main>
</x-layouts.page>
