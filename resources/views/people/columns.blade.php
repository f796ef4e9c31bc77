<x-layouts.page title="Columns of a list" nav="people">
  <main id="main" class="desk people">
    <div class="desk-head">
      <h1>What the columns hold</h1>
      <p class="quiet" translate="no">{{ $import->name }}</p>
      <a class="btn btn-line ms-end" href="{{ route('people') }}">Back</a>
    </div>
    @if ($errand?->state === 'refused')
      @include('settings.errand-way')
    @endif
    <form method="post" action="{{ route('staff-import.settle', $import->id) }}">@csrf
      <p>Each column was looked at: what is only guessed is marked. Set right what is wrong.</p>
      <p class="field-error" id="error-columns" role="alert">{{ $errors->first('columns') }}</p>
      <label class="check"><input type="checkbox" name="headed" value="1" @checked($import->headed)> the first row
        holds headings</label>
      <div class="table-scroll list-columns" tabindex="0" role="region" aria-label="The first rows of the list">
        <table class="staff">
          <thead>
            <tr>
              @foreach ($import->columns as $index => [$column, $sure])
                <th scope="col">
                  <span class="quiet"
                    translate="no">{{ $import->headed ? $import->sample[0][$index] ?? '' : '' }}</span>
                  <select class="form-select" name="columns[]"
                    aria-label="Column {{ $index + 1 }} holds">
                    @foreach ($columns as $one)
                      <option value="{{ $one->value }}" @selected(old("columns.$index", $column) === $one->value)>{{
                          __($one->label()) }}</option>
                    @endforeach
                  </select>
                  @if ($sure < 0.8 && $column !== '')
                    <span class="chip chip-mend">{{ Number::percentage($sure * 100) }} sure</span>
                  @endif
                </th>
              @endforeach
            </tr>
          </thead>
          <tbody translate="no">
            @foreach ($rows as $row)
              <tr>
                @foreach ($import->columns as $index => $column)
                  <td>{{ $row[$index] ?? '' }}</td>
                @endforeach
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <p><button class="btn btn-stamp">See what will happen</button></p>
    </form>
  </main>
</x-layouts.page>
