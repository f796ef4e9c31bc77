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
                {{ $token->tokenable?->name }}’s, since {{ $token->created_at->format('j M Y') }}</span></span>
            <span class="measure">{{ match (true) {
                $token->expires_at?->isPast() => 'ended on '.$token->expires_at->format('j M Y'),
                $token->last_used_at === null => 'never used',
                default => 'last used '.$token->last_used_at->diffForHumans(),
            } }}{{ $token->expires_at?->isFuture() ? ', until '.$token->expires_at->format('j M Y') : '' }}</span>
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
              @checked(in_array($ability->value, (array) old('abilities', ['see']), true))> {{ $ability->says() }} <span
              class="quiet">({{ $ability->value }})</span></label>
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
  </main>
</x-layouts.page>
