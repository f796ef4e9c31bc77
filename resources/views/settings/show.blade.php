<x-layouts.page title="Settings">
  <main id="main" class="desk account">
    <div class="desk-head">
      <h1>Settings</h1>
      <p class="quiet">{{ $workspace->name }}. There is no paid part, and no line of ours on any card.</p>
      <span class="ms-end"><a class="btn btn-line" href="{{ route('settings.log') }}">What was done, by whom</a>
        <a class="btn btn-line" href="{{ route('programs') }}">For programs</a>
        <a class="btn btn-line" href="{{ route('members') }}">Members</a></span>
    </div>
    <x-told />
    @if ($workspace->closes_at)
      <div class="told told-look" role="status">It closes on {{ Moments::day($workspace->closes_at, 'long') }}, and
          all that is
        in it goes then.
        <form method="post" action="{{ route('settings.reopen') }}" class="inline">@csrf<button
          class="btn-words">Keep it
            after all</button></form>
      </div>
    @endif
    <div class="account-parts">
      <section aria-labelledby="set-name">
        <h2 id="set-name">The workspace</h2>
        <form method="post" action="{{ route('settings.keep') }}" class="stack">@csrf
          <x-typed name="name" label="Called" :value="old('name', $workspace->name)" maxlength="80" />
          <x-typed name="web" label="Web address" :value="old('web', $workspace->web)" spellcheck="false" />
          <div class="field"><label for="set-country">Country</label>
            <select class="form-select" id="set-country" name="country" translate="no">
              @foreach ($countries as $code => $name)
                <option value="{{ $code }}" @selected($workspace->country === $code)>{{ $name }}</option>
              @endforeach
            </select></div>
          <x-typed name="zone" topic="zone" label="Time zone" :value="old('zone', $workspace->clock())" list="zones"
            autocomplete="off" spellcheck="false" />
          <datalist id="zones">
            @foreach ($zones as $zone)
              <option value="{{ $zone }}"></option>
            @endforeach
          </datalist>
          <button class="btn btn-stamp">Keep</button>
        </form>
      </section>
      <section aria-labelledby="set-world">
        <h2 id="set-world">The world outside</h2>
        <p>Readers’ mail clients fetch pictures, and follow counted links, at<br><span
            class="measure">{{ $address }}</span></p>
        <form method="post" action="{{ route('settings.check') }}">@csrf<button class="btn btn-line">Look whether it
            answers</button></form>
        <p class="mt-3">{{ $mailer === 'tray' ? 'Messages go to the mail tray: this copy sends none into the world.'
            : 'Messages go out by a mail server.' }}</p>
        <form method="post" action="{{ route('settings.mail') }}">@csrf<button class="btn btn-line">Send me a
            test</button></form>
      </section>
      <section aria-labelledby="set-keep">
        <h2 id="set-keep">How long numbers are kept</h2>
        <form method="post" action="{{ route('settings.forget') }}" class="stack">@csrf
          @foreach (['keep_clicks' => 'Clicks of people', 'keep_requests' => 'Requests of programs'] as $what => $label)
            <div class="field"><label for="{{ __($what) }}">{{ __($label) }}</label>
              <select class="form-select" id="{{ __($what) }}" name="{{ __($what) }}">
                @foreach ($keeps as $of)
                  <option value="{{ $of }}" @selected($workspace->$what === $of)>{{ match ($of) {
                      0 => 'for good', 365 => 'a year', 730 => 'two years', default => "$of days" } }}</option>
                @endforeach
              </select>
              @if ($loop->last)
                <x-help topic="requests" />
              @endif
            </div>
          @endforeach
          <button class="btn btn-line">Keep them so</button>
        </form>
      </section>
      <section aria-labelledby="set-file">
        <h2 id="set-file">All of it, in one file</h2>
        <p>Cards, brand, pictures, banners, campaigns and numbers, in open formats: to keep, to read, or to take into
          another copy.</p>
        <form method="post" action="{{ route('settings.export') }}">@csrf<button class="btn btn-line">Write the
            file</button></form>
        <form method="post" action="{{ route('settings.import') }}" enctype="multipart/form-data" class="stack">@csrf
          <div class="field"><label for="set-import">A workspace’s file, to bring in beside what is here</label>
            <input class="form-control" type="file" id="set-import" name="file" accept=".zip,application/zip"
              aria-describedby="error-file">
            <p class="field-error" id="error-file">{{ $errors->first('file') }}</p>
          </div>
          <button class="btn btn-line">Bring it in</button>
        </form>
        @if ($errands->isNotEmpty())
          <ul class="rows">
            @foreach ($errands as $errand)
              <li><a href="{{ route('errand', $errand) }}">{{ $errand->kind->says() }}</a>
                <span class="measure">{{ Moments::at($errand->created_at, 'short') }}</span></li>
            @endforeach
          </ul>
        @endif
      </section>
      @if (!$workspace->closes_at)
        <section aria-labelledby="set-close">
          <h2 id="set-close">Close it</h2>
          <p>Everything in it goes after {{ $days }} days; until then it can be kept after all, and all goes on as it
            is.</p>
          <form method="post" action="{{ route('settings.close') }}" class="stack">@csrf
            <label class="check"><input type="checkbox" name="answers" value="1" checked> after that, counted links and
              banner places in mail already sent go on answering</label>
            <div class="field"><label for="closing">Its name, to be sure</label><input class="form-control" id="closing"
                name="name" autocomplete="off" aria-describedby="error-closing">
              <p class="field-error" id="error-closing">{{ $errors->first('closing') }}</p>
            </div>
            <button class="btn btn-line">Close {{ $workspace->name }}</button>
          </form>
        </section>
      @endif
    </div>
  </main>
</x-layouts.page>
