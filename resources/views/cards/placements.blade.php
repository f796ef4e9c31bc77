<x-layouts.page title="Which card where" nav="cards">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Which card where</h1>
      <p class="quiet">One card for each address and situation.</p>
      <a class="btn btn-line ms-end" href="{{ route('cards') }}">Back to the cards</a>
    </div>
    @if (session('told') && !session('misplaced'))
      <div class="told" role="status">{{ session('told') }} <x-put-back /></div>
    @endif
    @if ($addresses->isEmpty())
      <div class="empty">
        <h2>No address has a card yet</h2>
        <p>Say below which card goes under messages from which address.</p>
      </div>
    @else
      <div class="table-scroll" tabindex="0" role="group" aria-label="Which card where">
        <table class="differences">
          <thead>
            <tr>
              <th scope="col">Address</th>
              @foreach ($situations as $situation)
                <th scope="col">{{ ucfirst(__($situation->label())) }}</th>
              @endforeach
            </tr>
          </thead>
          <tbody>
            @foreach ($addresses as $row)
              <tr>
                <th scope="row">{{ $row->address }}</th>
                @foreach ($situations as $situation)
                  @php($placed = $placements[$row->address][$situation->value] ?? null)
                  <td>
                    @if ($placed)
                      <a href="{{ route('bench', $placed->card_id) }}">{{ $placed->name }}</a>
                      <form method="post" action="{{ route('cards.place', $placed->card_id) }}" class="inline">
                        @csrf<input type="hidden" name="address" value="{{ $row->address }}"><input type="hidden"
                          name="situation" value="{{ $situation->value }}"><button class="btn-words" name="remove"
                          value="1"
                          aria-label="Take away: {{ $placed->name }} for {{ __($situation->label()) }} from {{
                              $row->address }}">Take
                        away</button></form>@else<span class="quiet">none</span>
                    @endif
                  </td>
                @endforeach
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <x-pages :list="$addresses" />
    @endif
    <form method="post" action="{{ route('placements.put') }}" class="list-tools place-tools"
      aria-label="Put a card somewhere">@csrf
      <label for="place-address">Messages from</label><input class="form-control" id="place-address" name="address"
        inputmode="email" autocomplete="email" value="{{ old('address') }}"
        placeholder="for example maren@quillfern.example"
        required @if (session('misplaced')) aria-invalid="true" aria-describedby="error-place" @endif>
      <label for="place-situation">for</label><select class="form-select" id="place-situation" name="situation">
        @foreach ($situations as $situation)
          <option value="{{ $situation->value }}">{{ __($situation->label()) }}</option>
        @endforeach
      </select>
      <label for="place-card">carry</label><select class="form-select" id="place-card" name="card">
        @foreach ($cards as $id => $name)
          <option value="{{ $id }}">{{ $name }}</option>
        @endforeach
      </select>
      <button class="btn btn-stamp">Put it there</button><x-help topic="situation" />
      @if (session('misplaced'))
        <p class="field-error" id="error-place" role="alert">{{ session('told') }}</p>
      @endif
    </form>
  </main>
</x-layouts.page>
