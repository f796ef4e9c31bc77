<x-layouts.page title="For programs">
  <main id="main" class="desk account">
    <div class="desk-head">
      <h1>For programs</h1>
      <p class="quiet">Cards, pictures, people and numbers of {{ $workspace->name }}, over HTTP.</p>
      <span class="ms-end"><a class="btn btn-line" href="{{ route('api.description') }}">What they can ask, as OpenAPI
          3.1</a>
        <a class="btn btn-line" href="{{ route('settings') }}">Back</a></span>
    </div>
    <x-told />
    @if (session('shown'))
      <div class="told" role="status">
        <label for="shown">Copy it now: it is shown this one time.</label>
        <input class="form-control measure" id="shown" readonly value="{{ session('shown') }}" autocomplete="off">
      </div>
    @endif
    <h2>Tokens</h2>
    @if ($tokens->isNotEmpty())
      <ul class="rows members">
        @foreach ($tokens as $token)
          <li><span><strong>{{ $token->name }}</strong> <span class="quiet">{{ implode(', ', $token->abilities) }};
                {{ $token->tokenable?->name }}’s, since {{ Moments::day($token->created_at) }}</span></span>
            <span class="measure">{{ match (true) {
                $token->expires_at?->isPast() => 'ended on '.Moments::day($token->expires_at),
                $token->last_used_at === null => 'never used',
                default => 'last used '.$token->last_used_at->diffForHumans(),
            } }}{{ $token->expires_at?->isFuture() ? ', until '.Moments::day($token->expires_at) : '' }}</span>
            <form method="post" action="{{ route('programs.end', $token->id) }}">@csrf<button class="btn-words"
                aria-label="End {{ $token->name }}">End it</button></form>
          </li>
        @endforeach
      </ul>
      <x-pages :list="$tokens" />
    @endif
    <form method="post" action="{{ route('programs.store') }}" class="stack invite">@csrf
      <x-typed name="token" label="A new token, for" :value="old('token', '')" maxlength="60" autocomplete="off"
        placeholder="Website, joiners’ list …" required />
      <fieldset class="field">
        <legend>It may</legend>
        @foreach ($abilities as $ability)
          <label class="check"><input type="checkbox" name="abilities[]" value="{{ $ability->value }}"
              @checked(in_array($ability->value, (array) old('abilities', ['see']), true))> {{ __($ability->says()) }}
                  <span
              class="quiet" translate="no">({{ $ability->value }})</span></label>
        @endforeach
        <x-help topic="token" />
      </fieldset>
      <div class="field"><label for="token-days">Good for</label>
        <select class="form-select" id="token-days" name="days">
          @foreach ($days as $of)
            <option value="{{ $of }}" @selected((int) old('days', 90) === $of)>
              {{ $of === 0 ? 'as long as it is there' : "$of days" }}</option>
          @endforeach
        </select></div>
      <button class="btn btn-stamp">Make a token</button>
    </form>
    <p class="help">Each is good for {{ $rate }} requests a minute.</p>
    <h2 id="directories">Directories</h2>
    <p>A directory that speaks SCIM 2.0 keeps people and groups in step, with a token that may look after people, at
      <span class="measure" translate="no">{{ url('/scim/v2') }}</span></p>
    <h2 id="hooks">Webhooks</h2>
    <p>Addresses of yours that are told when something happens, signed by Standard Webhooks. What does not answer is
        told
      again for two days.</p>
    @if (session('secret'))
      <div class="told" role="status">
        <label for="secret">Calls are signed with this secret: copy it now, it is shown this one time.</label>
        <input class="form-control measure" id="secret" readonly value="{{ session('secret') }}" autocomplete="off">
      </div>
    @endif
    @if ($hooks->isNotEmpty())
      <ul class="rows members">
        @foreach ($hooks as $hook)
          <li><span><strong class="measure">{{ $hook->address }}</strong> <span
                class="quiet">{{ implode(', ', $hook->events) }}{{ $hook->stopped_at ? '; stopped' : '' }}</span></span>
            <form method="post" action="{{ route('programs.hook.test', $hook->id) }}">@csrf<button class="btn-words"
                aria-label="Send a test to {{ $hook->address }}" @disabled($hook->stopped_at)>Send a
                    test</button></form>
            <form method="post" action="{{ route('programs.hook.turn', $hook->id) }}">@csrf<button class="btn-words"
                name="on" value="{{ $hook->stopped_at ? 1 : 0 }}"
                aria-label="{{ $hook->stopped_at ? 'Go on telling' : 'Stop telling' }} {{ $hook->address }}">{{
                $hook->stopped_at ? 'Go on' : 'Stop' }}</button></form>
            @if ($hook->stopped_at)
              <form method="post" action="{{ route('programs.hook.remove', $hook->id) }}">@csrf<button
                  class="btn-words" aria-label="Remove {{ $hook->address }}">Remove</button></form>
            @endif
            @if ($hook->calls->isNotEmpty())
              <details>
                <summary>{{ $hook->calls[0]->event }}: {{ $hook->calls[0]->state }}.
                    {{ $hook->calls[0]->words }}</summary>
                <ul>
                  @foreach ($hook->calls as $call)
                    <li>{{ Moments::at($call->at, 'short') }} {{ $call->event }}: {{ $call->state }}.
                      {{ $call->words }} @if ($call->next_at)
                        <span class="measure">next {{ Moments::time($call->next_at) }}</span>
                      @endif
                    </li>
                  @endforeach
                </ul>
              </details>
            @endif
          </li>
        @endforeach
      </ul>
    @endif
    <form method="post" action="{{ route('programs.hook') }}" class="stack invite">@csrf
      <x-typed name="address" type="url" label="A new address, with https" :value="old('address', '')"
          autocomplete="off"
        placeholder="https://" required />
      <fieldset class="field">
        <legend>It is told when</legend>
        @foreach ($events as $event)
          <label class="check"><input type="checkbox" name="events[]" value="{{ $event->value }}"
              @checked(in_array($event->value, (array) old('events', []), true))> {{ __($event->says()) }} <span
              class="quiet" translate="no">({{ $event->value }})</span></label>
        @endforeach
      </fieldset>
      <button class="btn btn-stamp">Add it</button>
    </form>
  </main>
</x-layouts.page>
