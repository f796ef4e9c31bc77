<x-layouts.page title="Your account">
  <main id="main" class="desk account">
    <div class="desk-head">
      <h1>Your account</h1>
      <p class="quiet">{{ $user->email }}</p>
    </div>
    <x-told />
    <div class="account-parts">
      <section aria-labelledby="account-name">
        <h2 id="account-name">What you are called</h2>
        <form method="post" action="{{ route('account.name') }}" class="stack">@csrf
          <x-typed name="name" label="Name" :value="old('name', $user->name)" autocomplete="name" maxlength="80" />
          <button class="btn btn-line">Keep</button>
        </form>
        <h2>Mail address</h2>
        <form method="post" action="{{ route('account.address') }}" class="stack">@csrf
          <x-typed name="email" type="email" label="Another address" :value="old('email', '')" autocomplete="email"
            help="Both addresses get a message, and both have to say so." />
          <button class="btn btn-line">Ask both</button>
        </form>
      </section>
      <section aria-labelledby="account-language">
        <h2 id="account-language">Dates, numbers, language</h2>
        <form method="post" action="{{ route('account.language') }}" class="stack">@csrf
          @if (count($languages) > 1)
            <div class="field"><label for="language">Language</label>
              <select class="form-select" id="language" name="language" translate="no">
                <option value="">as the browser asks for</option>
                @foreach ($languages as $key => $called)
                  <option value="{{ $key }}" @selected($user->language === $key)>{{ $called }}</option>
                @endforeach
              </select></div>
          @endif
          <div class="field"><label for="region">Dates and numbers as in</label>
            <select class="form-select" id="region" name="region" translate="no">
              <option value="">the workspace’s country</option>
              @foreach ($regions as $key => $called)
                <option value="{{ $key }}" @selected($user->region === $key)>{{ $called }}</option>
              @endforeach
            </select></div>
          <x-typed name="zone" label="Time zone" :value="old('zone', $user->zone)" list="zones" autocomplete="off"
            spellcheck="false" placeholder="the workspace’s" />
          <datalist id="zones">
            @foreach (DateTimeZone::listIdentifiers() as $zone)
              <option value="{{ $zone }}"></option>
            @endforeach
          </datalist>
          <button class="btn btn-line">Keep</button>
        </form>
      </section>
      <section aria-labelledby="account-password">
        <h2 id="account-password">Password</h2>
        <form method="post" action="{{ route('account.password') }}" class="stack">@csrf
          <input type="hidden" name="username" autocomplete="username" value="{{ $user->email }}">
          @if ($asksOld)
            <x-typed name="old" type="password" label="The one you have" autocomplete="current-password" />
          @endif
          <x-typed name="password" type="password" autocomplete="new-password"
            label="{{ $user->password === '' ? 'A password' : 'A new one' }}"
            help="{{ $user->second === null ? '15' : '8' }} letters or more; a few words are best. {{
                $user->password === ''
                ? 'You need none: a link by mail signs you in as well.' : '' }}" />
          <button class="btn btn-line">Keep</button>
        </form>
        <h2>A second step<x-help topic="second" /></h2>
        @if ($user->second === null)
          <p>Signing in asks for a code of an authenticator as well.</p>
          <p><a class="btn btn-line" href="{{ route('account.second') }}">Set it up</a></p>
        @else
          <p>On. {{ $left }} of the codes for the day it is lost are left.</p>
          <form method="post" action="{{ route('account.second.end') }}" class="stack">@csrf
            <x-typed name="code" label="A code, to turn it off" autocomplete="one-time-code" />
            <button class="btn btn-line">Turn it off</button>
          </form>
        @endif
      </section>
      <section aria-labelledby="account-devices">
        <h2 id="account-devices">Signed in</h2>
        <ul class="rows">
          @foreach ($devices as $device)
            <li><span>{{ $device->words }}<br><span class="help">{{ $device->id === $here
                ? 'this one' : 'last ' . Moments::at($device->seen) }}</span></span>
              @if ($device->id !== $here)
                <form method="post" action="{{ route('account.device') }}">@csrf<button class="btn-words" name="device"
                    value="{{ $device->id }}">Sign out there</button></form>
              @endif
            </li>
          @endforeach
        </ul>
        @if (count($devices) > 1)
          <form method="post" action="{{ route('account.device') }}">@csrf<button class="btn btn-line">Sign out
              everywhere else</button></form>
        @endif
        @if (count($workspaces) > 1)
          <h2>Workspaces</h2>
          <ul class="rows">
            @foreach ($workspaces as $one)
              <li><span>{{ $one->name }}<br><span class="help">{{ $one->pivot->role }}</span></span>
                @if ($one->id !== $workspace->id)
                  <form method="post" action="{{ route('workspace.open', $one->id) }}">@csrf<button
                      class="btn-words">Open</button></form>
                @endif
              </li>
            @endforeach
          </ul>
        @endif
      </section>
    </div>
  </main>
</x-layouts.page>
