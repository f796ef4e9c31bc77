@php($was = fn($field) => is_string(request()->input($field)) ? mb_scrub(request()->input($field)) : (string)
    ($ready->$field ?? ''))
<x-layouts.page title="Ready message" nav="tray">
  <main id="main" class="desk write">
    <div class="desk-head">
      <h1>{{ $ready->name ?? 'New ready message' }}</h1>
      <p class="quiet">Put what changes each time in square brackets, such as [name]: it is asked for before the message
        goes.</p>
      <a class="btn btn-line ms-end" href="{{ route('ready') }}">Back to the list</a>
    </div>
    <form method="post" action="{{ $ready === null ? route('ready.store') : route('ready.update', $ready->id) }}"
      class="stack write-form">@csrf
      @foreach (['name' => 'Called', 'subject' => 'Subject'] as $field => $label)
        <div class="line-row"><label for="ready-{{ $field }}">{{ __($label) }}</label>
          <div><input class="form-control" id="ready-{{ $field }}" name="{{ $field }}"
              value="{{ $was($field) }}" autocomplete="off" aria-describedby="error-ready-{{ $field }}"
              @isset($refused[$field]) aria-invalid="true" @endisset>
            <p class="field-error" id="error-ready-{{ $field }}">{{ $refused[$field] ?? '' }}</p>
          </div>
        </div>
      @endforeach
      <div class="line-row"><label for="ready-body">Message</label>
        <div>
          <textarea class="form-control" id="ready-body" name="body" rows="10" aria-describedby="error-ready-body"
            @isset($refused['body']) aria-invalid="true" @endisset>{{ $was('body') }}</textarea>
          <p class="field-error" id="error-ready-body">{{ $refused['body'] ?? '' }}</p>
        </div>
      </div>
      <button class="btn btn-stamp">Keep it</button>
    </form>
    @if ($ready !== null)
      <h2>As a file</h2>
      <p class="help">A message not sent yet, with a card under its words: opened in a mail program, it is filled in
        and sent from there. It holds what was kept last.</p>
      @if ($cards->isEmpty())
        <p>There is no card yet.</p>
      @else
        <form method="get" action="{{ route('ready.file', $ready->id) }}" class="way-buttons ready-file"><label
            for="ready-card">With the card</label><select class="form-select" id="ready-card" name="card">
            @foreach ($cards as $id => $name)
              <option value="{{ $id }}">{{ $name }}</option>
            @endforeach
          </select><button class="btn btn-line">Take the file</button></form>
      @endif
    @endif
  </main>
</x-layouts.page>
