@php($missing = $counts['missing'])
<x-layouts.page :title="$rollout->name" nav="people">
  <x-slot:head>
    <script type="module" src="{{ asset('js/rollout.js') }}"></script>
  </x-slot>
  <main id="main" class="desk people rollout">
    <div class="desk-head">
      <h1 translate="no">{{ $rollout->name }}</h1>
      <p class="quiet">{{ trans_choice(':count person|:count people', $counts['people']) }},
        {{ __('in place by :day', ['day' => Moments::day($rollout->deadline, 'long')]) }}
        @if ($rollout->state !== 'running')
          <span class="chip chip-mend">{{ __(['paused' => 'paused', 'ended' => 'ended'][$rollout->state]
              ?? '') }}</span>
        @endif
      </p>
      <span class="ms-end"></span>
      <a class="btn btn-plain" href="{{ route('rollouts.file', $rollout->id) }}" download>List as CSV</a>
      <a class="btn btn-line" href="{{ route('rollouts.words', $rollout->id) }}">What is said</a>
      <form method="post" action="{{ route('rollouts.state', $rollout->id) }}">@csrf<button class="btn btn-line"
          name="to" value="{{ $rollout->state === 'running' ? 'paused' : 'running' }}">{{ $rollout->state === 'running'
          ? __('Pause') : __('Go on') }}</button></form>
      <form method="post" action="{{ route('rollouts.send', $rollout->id) }}" class="rollout-send">@csrf
        @if ($others > 0)
          <button class="btn btn-line" name="do" value="join">{{ __('Take :count more on', ['count' => $others])
              }}</button>
        @endif
        @if ($counts['to_tell'] > 0)
          <button class="btn btn-line" name="do" value="tell">{{ __('Tell :count beforehand', ['count' =>
              $counts['to_tell']]) }}</button>
        @endif
        @if ($missing > 0)
          <button class="btn btn-line" name="do" value="remind">{{ __('Remind :count', ['count' =>
              $missing]) }}</button>
        @endif
        @if ($toAsk > 0)
          <button class="btn btn-stamp" name="do" value="ask">{{ __('Ask :count', ['count' => $toAsk]) }}</button>
        @endif
      </form>
    </div>
    <x-told />
    @if (($messages['waits'] ?? 0) > 0)
      <p class="told" role="status">{{ trans_choice(':count message waits to be sent|:count messages wait to be sent',
          $messages['waits']) }}</p>
    @endif
    <dl class="rollout-figures">
      <div>
        <dt>Told beforehand</dt>
        <dd>{{ __(':count of :all', ['count' => $counts['told'], 'all' => $counts['people']]) }}</dd>
      </div>
      <div>
        <dt>Asked</dt>
        <dd>{{ __(':count of :all, tag “:tag”', ['count' => $counts['asked'], 'all' => $counts['people'],
            'tag' => $rollout->tag]) }}</dd>
      </div>
      <div>
        <dt>In place</dt>
        <dd>{{ __(':right verified, :redo to redo', ['right' => $counts['verified'], 'redo' => $counts['redo']]) }}</dd>
      </div>
      <div>
        <dt>Days left</dt>
        <dd>{{ $left < 0 ? __('over') : Number::format($left, 0) }}</dd>
      </div>
      <div>
        <dt>To be looked at</dt>
        <dd>{{ trans_choice(':count test|:count tests', $counts['tested']) }}</dd>
      </div>
    </dl>
    <div class="rollout-parts">
      <div class="table-scroll">
        <table class="board">
          <thead>
            <tr>
              <th scope="col">Furthest behind first</th>
              @foreach ($steps as $step)
                <th scope="col">{{ __($step->label()) }}</th>
              @endforeach
              <th scope="col"><span class="visually-hidden">State</span></th>
            </tr>
          </thead>
          <tbody>
            @foreach ($list as $one)
              @php($progress = $rollout::progress($one))
              <tr @class(['board-chosen' => $chosen?->person_id === $one->person_id])>
                <th scope="row"><a href="{{ route('rollout', [$rollout->id, 'person' => $one->person_id]) }}"
                    translate="no">{{ $one->name }}</a></th>
                @foreach ($steps as $step)
                  @php($has = $progress->has($step))
                  <td><span @class(['mark', 'mark-done' => $has && !$one->excused,
                      'mark-next' => $progress->next() === $step && !$one->redo_at,
                      'mark-redo' => $one->redo_at && $loop->last])><span class="visually-hidden">{{ $has
                      ? __('yes') : __('not yet') }}</span></span></td>
                @endforeach
                <td><span @class(['chip', 'chip-good' => $one->step === 6, 'chip-blocks' => $one->redo_at,
                    'chip-mend' => $one->step === 5 && !$one->redo_at])>{{
                    App\Rollouts\BoardWords::of($one, $rollout->workspace) }}</span></td>
              </tr>
            @endforeach
          </tbody>
        </table>
        <x-pages :list="$list" before="Back" after="Further" />
        @if ($refused->isNotEmpty())
          <h2>Not delivered</h2>
          <ul class="rows">
            @foreach ($refused as $one)
              <li><span translate="no">{{ $one->name }}</span> <span class="quiet">{{ $one->state === 'passing'
                  ? __('it is not known whether it arrived') : $one->words }}</span></li>
            @endforeach
          </ul>
        @endif
        @if ($strangers->isNotEmpty())
          <h2>From nobody on the list</h2>
          <ul class="rows">
            @foreach ($strangers as $one)
              <li><span><a href="{{ route('tray.message', $one->id) }}" translate="no">{{ $one->from }}</a></span>
                <span class="quiet" translate="no">{{ $one->subject }}</span></li>
            @endforeach
          </ul>
        @endif
        @if ($missing > 0 && $missing <= 200)
          <details>
            <summary>Who has not, to copy</summary>
            <textarea class="form-control" readonly rows="4" aria-label="Who has not">{{ implode("\n",
                App\Rollouts\BoardWords::missing($rollout)) }}</textarea>
          </details>
        @endif
        <form method="post" action="{{ route('rollouts.state', $rollout->id) }}">@csrf<button class="btn btn-line"
            name="to" value="{{ $rollout->state === 'ended' ? 'running' : 'ended' }}">{{ $rollout->state === 'ended'
            ? __('Open it again') : __('End it') }}</button></form>
      </div>
      @if ($chosen)
        <section class="inspect" aria-labelledby="inspected">
          <h2 id="inspected"><span translate="no">{{ $chosen->name }}</span></h2>
          <p><a href="{{ route('person', $chosen->person_id) }}">What is known of them, and their page</a></p>
          @if ($chosen->test_id)
            <p class="quiet">{{ __('Test of :when.', ['when' => Moments::at($chosen->tested_at, 'short')]) }}
              {{ $verdict }}
              <a href="{{ route('tray.message', $chosen->test_id) }}">The whole message</a></p>
            <h3>As handed over</h3>
            <iframe src="{{ route('tray.side', [$chosen->test_id, 'handed-over'], false) }}" title="As handed over"
              sandbox="allow-same-origin"></iframe>
            <h3>As it arrived</h3>
            <iframe src="{{ route('tray.side', [$chosen->test_id, 'arrived'], false) }}" title="As it arrived"
              sandbox="allow-same-origin"></iframe>
          @else
            <p class="quiet">No test yet.</p>
          @endif
          @if ($hinders)
            <p class="notes">{{ __('Cannot be asked yet: :why.', ['why' => $hinders]) }}</p>
          @elseif ($chosen->waived !== '')
            <p class="quiet">{{ __('Asked without a licence: :why', ['why' => $chosen->waived]) }}</p>
          @endif
          <form method="post" action="{{ route('rollouts.judge', [$rollout->id, $chosen->person_id]) }}">@csrf
            @if ($chosen->test_id || $chosen->excused === '')
              <label for="note">{{ $chosen->test_id ? __('What is to be made otherwise') : __('Why') }}</label>
              <input class="form-control" id="note" name="note" maxlength="500" value="{{ old('note', $chosen->note) }}"
                aria-describedby="error-note">
              <p class="field-error" id="error-note">{{ $errors->first('note') }}</p>
            @endif
            <div class="way-buttons">
              @if ($chosen->test_id)
                <button class="btn btn-line" name="do" value="right" id="judge-right">It is right <kbd>R</kbd></button>
                <button class="btn btn-stamp" name="do" value="redo">Send it back</button>
              @endif
              @if ($hinders === __('no licence'))
                <button class="btn btn-line" name="do" value="waive">Ask them all the same</button>
              @endif
              @if ($chosen->excused === '')
                <button class="btn btn-plain" name="do" value="excuse">Do not wait for them</button>
              @else
                <button class="btn btn-plain" name="do" value="wait">Wait for them again</button>
              @endif
            </div>
          </form>
        </section>
      @endif
    </div>
  </main>
</x-layouts.page>
