<section id="rules" class="brand-part" aria-labelledby="rules-title">
  <h2 id="rules-title">Trade rules</h2>
  <p class="help">What cards of a trade must show. Enter what your own licensing body asks; none is assumed.</p>
  @foreach ([...$drafted->rules, null] as $at => $rule)
    @php($key = $rule ? $at : 'new')
    @php($again = isset($refused['rules']) && request()->input('at') === (string) $key)
    @php($shown = fn(string $name, string $kept) => $again ? mb_scrub((string) request()->input("rules.$name")) : $kept)
    <details class="entry" @if ($again) open @endif>
      <summary>
        @if ($rule)
          <strong>{{ __($rule->trade) }}</strong> <span
          class="help">{{ implode(', ', [...$rule->licence ? ['licence line'] : [], ...$rule->notices])
              }}</span>@else<x-icon
            name="plus-lg" /> Add a rule
        @endif
      </summary>
      <form method="post" action="{{ route('brand.keep', 'rules') }}" class="stack"
        hx-post="{{ route('brand.keep', 'rules') }}">
        @include('brand.hidden')
        <input type="hidden" name="at" value="{{ $key }}">
        <div><label for="rule-{{ $key }}-trade">Trade</label><input class="form-control"
            id="rule-{{ $key }}-trade" name="rules[trade]" value="{{ $shown('trade', $rule->trade ?? '') }}"
            placeholder="for example Registered garden designers" autocomplete="off"></div>
        <div><label for="rule-{{ $key }}-role">Binds cards whose role says</label><input class="form-control"
            id="rule-{{ $key }}-role" name="rules[role]" value="{{ $shown('role', $rule->role ?? '') }}"
            placeholder="for example designer" autocomplete="off">
          <p class="help">Left empty, it binds every card.</p>
        </div>
        <fieldset>
          <legend>They must show</legend>
          <label class="check"><input type="checkbox" name="rules[licence]" value="1"
              @checked($again ? request()->boolean('rules.licence') : $rule->licence ?? false)> the licence line</label>
          @foreach ($drafted->notices as $notice)
            <label class="check"><input type="checkbox" name="rules[notices][]" value="{{ $notice->name }}"
                @checked(in_array($notice->name, $again ? (array) request()->input('rules.notices', []) :
                    $rule->notices ?? [], true))> {{ $notice->name }}</label>
          @endforeach
        </fieldset>
        @if ($again)
          @foreach ($refused['rules'] as $sentence)
            <p class="field-error" role="alert">{{ $sentence }}</p>
          @endforeach
        @endif
        <div class="entry-foot"><button class="btn btn-line">Keep</button>
          @if ($rule)
            <button class="btn btn-plain" name="remove" value="1">Take out</button>
          @endif
        </div>
      </form>
    </details>
  @endforeach
</section>
