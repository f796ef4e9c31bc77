<x-layouts.page :title="$rollout === null ? __('A rollout') : $rollout->name" nav="people">
  <main id="main" class="desk people">
    <div class="desk-head">
      <h1>{{ $rollout === null ? __('A rollout') : __('What is said in it') }}</h1>
      <a class="btn btn-line ms-end" href="{{ $rollout === null ? route('people') : route('rollout', $rollout->id) }}">
        Back</a>
    </div>
    @if ($rollout === null)
      <p>People are told beforehand, asked by a message with a page of their own, and reminded until their test
          came.</p>
    @endif
    <form method="post" class="rollout-form"
      action="{{ $rollout === null ? route('rollouts.store') : route('rollouts.update', $rollout->id) }}">@csrf
      <div class="person-facts">
        <x-typed name="name" label="Name" :value="old('name', $rollout->name ?? '')" maxlength="80" required />
        @if ($rollout === null)
          <div class="field"><label for="rollout-group">Who</label>
            <select class="form-select" id="rollout-group" name="group" aria-describedby="error-group">
              <option value="">everybody on the list</option>
              @foreach ($groups as $group)
                <option value="{{ $group->id }}"
                  @selected((int) old('group') === $group->id)>{{ $group->name }}</option>
              @endforeach
            </select>
            <p class="field-error" id="error-group">{{ $errors->first('group') }}</p>
          </div>
        @endif
        <x-typed name="deadline" type="date" label="In place by" :value="old('deadline', $rollout->deadline ?? '')"
          required />
        <x-typed name="tag" label="Tag in the subject of tests" :value="old('tag', $rollout->tag ?? '')"
          maxlength="40" help="By it tests are told from other messages." required />
        <x-typed name="tests_to" type="email" label="Address tests go to" :value="old('tests_to', $rollout->tests_to
            ?? '')" required />
        <x-typed name="help" type="email" label="Address for questions" :value="old('help', $rollout->help ?? $help)" />
        <x-typed name="film" label="Address of a film of the steps" :value="old('film', $rollout->film ?? '')" />
        <x-typed name="every" type="number" label="Days between reminders" :value="old('every', $rollout->every ?? 3)"
          min="1" max="30" help="By day, on weekdays, until the deadline; five at most." />
      </div>
      @if ($rollout !== null)
        @foreach ($rollout::KINDS as $kind => $title)
          @php($words = $rollout->wordings[$kind] ?? $rollout::WORDINGS[$kind])
          <fieldset class="wording">
            <legend>{{ __($title) }}</legend>
            <label for="subject-{{ $kind }}">Subject</label>
            <input class="form-control" id="subject-{{ $kind }}" name="wordings[{{ $kind }}][subject]"
              value="{{ old("wordings.$kind.subject", $words[0]) }}" maxlength="120">
            <label for="body-{{ $kind }}">Message</label>
            <textarea class="form-control" id="body-{{ $kind }}" name="wordings[{{ $kind }}][body]" rows="9"
              >{{ old("wordings.$kind.body", $words[1]) }}</textarea>
          </fieldset>
        @endforeach
        <p class="field-error" role="alert">{{ $errors->first('subject') ?: $errors->first('body') }}</p>
        <p class="help">What stands in brackets is filled in for each: <span
          translate="no">[name] [page] [deadline] [tag]
            [tests] [help] [film] [firm] [note]</span>. A line whose blanks are empty is left out.</p>
      @endif
      <button class="btn btn-stamp">{{ $rollout === null ? __('Make the board') : __('Keep') }}</button>
    </form>
  </main>
</x-layouts.page>
