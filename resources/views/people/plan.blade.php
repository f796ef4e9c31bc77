<x-layouts.page title="A list of people" nav="people">
  <x-slot:head>
    <x-htmx-config />
  </x-slot>
  <main id="main" class="desk people">
    <div class="desk-head">
      <h1>{{ __(['brought' => 'What happened', 'undone' => 'Taken back'][$import->state] ?? 'What will happen') }}</h1>
      <p class="quiet" translate="no">{{ $import->name }}</p>
      <span class="ms-end"></span>
      <a class="btn btn-line" href="{{ route('people') }}">Back</a>
      @if ($import->state === 'planned' && !$errand?->isOnItsWay())
        <a class="btn btn-line" href="{{ route('staff-import', [$import->id, 'columns' => 1]) }}">Other columns</a>
        <form method="post" action="{{ route('staff-import.bring', $import->id) }}">@csrf<button
            class="btn btn-stamp" @disabled(($import->counts['new'] ?? 0) + ($import->counts['changed'] ?? 0) === 0)>{{
            trans_choice('Bring :count person in|Bring :count people in',
            ($import->counts['new'] ?? 0) + ($import->counts['changed'] ?? 0)) }}</button></form>
      @elseif ($import->state === 'brought' && !$errand?->isOnItsWay())
        <form method="post" action="{{ route('staff-import.undo', $import->id) }}">@csrf<button
            class="btn btn-line">Take all of it back</button></form>
      @endif
    </div>
    @if ($errand !== null && ($errand->isOnItsWay() || $errand->state === 'refused' || $import->state !== 'planned'))
      @include('settings.errand-way')
    @endif
    @if ($errand?->isOnItsWay())
      <p class="help">This page can be left: it goes on by itself. <a
          href="{{ route('staff-import', $import->id) }}">Look again</a></p>
    @endif
    <nav class="list-kinds" aria-label="What becomes of rows">
      <a href="{{ route('staff-import', $import->id) }}" @if ($only === '') aria-current="true" @endif>All</a>
      @foreach ($outcomes as $outcome)
        <a href="{{ route('staff-import', [$import->id, 'only' => $outcome->value]) }}"
          @if ($only === $outcome->value) aria-current="true" @endif>{{ __($outcome->label()) }}
          <strong>{{ Number::format($import->counts[$outcome->value] ?? 0, 0) }}</strong></a>
      @endforeach
      @if (($import->counts['notes'] ?? 0) > 0)
        <a href="{{ route('staff-import', [$import->id, 'only' => 'notes']) }}"
          @if ($only === 'notes') aria-current="true" @endif>Something left out
          <strong>{{ Number::format($import->counts['notes'], 0) }}</strong></a>
      @endif
    </nav>
    @if ($list->isEmpty())
      <div class="empty">
        <h2>No such rows</h2>
      </div>
    @else
      <div class="table-scroll">
        <table class="staff">
          <thead>
            <tr>
              <th scope="col">Row</th>
              <th scope="col">Name</th>
              <th scope="col">What becomes of it</th>
            </tr>
          </thead>
          <tbody>
            @foreach ($list as $row)
              @php($told = App\Roster\PlannedRow::of($row))
              <tr>
                <td class="measure">{{ $row->number }}</td>
                <th scope="row" translate="no">
                  @if ($row->person_id)
                    <a href="{{ route('person', $row->person_id) }}">{{ $row->name }}</a>
                  @else
                    {{ $row->name ?: '–' }}
                  @endif
                </th>
                <td><span @class(['chip', 'chip-good' => $told->outcome->isTaken(),
                    'chip-mend' => $row->outcome === 'unclear' || $row->outcome === 'twice'])>{{
                    __($told->outcome->label()) }}</span>
                  {{ $told->says }}
                  @foreach ($told->changes as [$fact, $was, $is])
                    <span class="fact-change">{{ __($fact) }} <del translate="no">{{ $was }}</del> <ins
                        translate="no">{{ $is }}</ins></span>
                  @endforeach
                  @foreach ($told->notes as $note)
                    <span class="fact-note">{{ $note }}</span>
                  @endforeach
                </td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <x-pages :list="$list" before="Back" after="Further" />
    @endif
  </main>
</x-layouts.page>
