@php($was = fn(string $key, string $kept) => $refused !== [] && is_string(request()->input($key)) ?
    mb_scrub(request()->input($key)) : $kept)
<x-layouts.page title="Campaigns" nav="campaigns">
  <x-slot:head>
    <x-htmx-config />
    <script src="{{ asset('vendor/htmx.min.js') }}" defer></script>
  </x-slot:head>
  <main id="main" class="campaigns">
    <section class="campaign-list" aria-label="Campaigns">
      <div class="desk-head">
        <h1>Campaigns</h1>
        <p class="quiet">What goes out in series, and which footer each message carries.</p>
        @if ($footers->where('head', '>', 0)->isNotEmpty())
          <a class="btn btn-stamp ms-end" href="{{ route('campaigns', ['start' => 1]) }}#campaign">Start a campaign</a>
        @endif
      </div>
      <x-told>
        @if (session('put'))
          <a href="{{ route('footer.file', [session('put'), 'as' => 'html']) }}" download>HTML</a>,
          <a href="{{ route('footer.file', [session('put'), 'as' => 'text']) }}" download>plain text</a>
        @endif
      </x-told>
      @foreach ($footers as $footer)
        @if (($old[$footer->id] ?? 0) > 0)
          <div class="campaign-old"><span class="old-count">{{ $old[$footer->id] }}
              {{ $old[$footer->id] === 1 ? 'message still to go carries' : 'messages still to go carry' }} an old
              footer</span> {{ $footer->name }} is at revision {{ $footer->head }}.
            <form method="post" action="{{ route('campaigns.put', $footer->id) }}" class="inline">@csrf<button
                class="btn-words">Put revision {{ $footer->head }} in {{ $old[$footer->id] === 1 ? 'it' : 'all of them'
                    }}</button></form> ·
            <a href="{{ route('footer.compare', $footer->id) }}">see both first</a>
          </div>
        @endif
      @endforeach
      @if ($campaigns->isEmpty())
        <div class="empty">
          <h2>No campaign yet</h2>
          <p>{{ $footers->isEmpty()
              ? 'Begin with a footer: the sender’s card, with what law and mailbox providers want.'
              : 'Say which messages go out when: you see which of them carry an old footer.' }}</p>
        </div>
      @endif
      <ul class="series-list">
        @foreach ($campaigns as $one)
          <li class="campaign">
            <div><a class="card-name"
                href="{{ route('campaigns', ['campaign' => $one->id]) }}#campaign">{{ $one->name }}</a>
              @if ($one->isBare)
                <p class="old-count">Its footer was removed: choose another for it.</p>
              @endif
              <p class="quiet">{{ $one->state() }}{{
                    $one->recipients > 0 ? ' · ' . Number::format($one->recipients, 0) .
                  ' recipients' : '' }}<br>{{ $one->oldest() === null
                  ? ($one->state() === __('planned') ? 'first on ' : 'started ') .
                      Moments::day($one->starts->iso, 'long')
                  : 'holds revision ' . $one->oldest()->revision . ' since ' .
                      Moments::day($one->oldest()->put->iso, 'long')
                  }}</p>
            </div>
            <ol class="messages">
              @foreach ($one->messages as $message)
                <li @class(['message', 'message-sent' => $message->isSent,
                    'message-old' => $message->revision < $one->head])
                  title="{{ $message->subject }}{{
                        $message->sent > 0 ? ': sent to ' . Number::format($message->sent, 0) : ''
                      }}"><span class="message-box">{{ $message->revision }}</span><span
                    class="measure">{{ Moments::day($message->day->iso, 'short') }}</span><span
                    class="visually-hidden">{{ $message->subject }}, {{ $message->isSent ? 'sent' : 'to go' }}, footer
                    revision {{ $message->revision }}{{ $message->isOld ? ', an older one' : '' }}</span></li>
              @endforeach
            </ol>
          </li>
        @endforeach
      </ul>
      @if ($campaigns->isNotEmpty())
        <p class="measure">filled: sent · plain: to go · ochre: an older footer · the number is the footer’s
          revision</p>
      @endif
      <x-pages :list="$campaigns" />
    </section>
    <aside class="campaign-side" aria-label="Footers and one campaign">
      <h2>Footers</h2>
      <ul class="plain-list">
        @foreach ($footers as $footer)
          <li><a href="{{ route('footer', $footer->id) }}">{{ $footer->name }}</a> <span
              class="measure">{{ $footer->head === 0 ? 'not given out yet' : "revision $footer->head" }}</span></li>
        @endforeach
      </ul>
      @if ($cards->isEmpty())
        <p class="help">A footer is made of a card: start one first.</p>
      @else
        <form method="post" action="{{ route('footers.store') }}" class="with-button">@csrf
          <select class="form-select" name="card" aria-label="Sender’s card">
            @foreach ($cards as $id => $name)
              <option value="{{ $id }}">{{ $name }}</option>
            @endforeach
          </select><button class="btn btn-line">Make a footer of it</button></form>
      @endif
      <h2 class="letters-title">Letters</h2>
      <ul class="plain-list">
        @foreach ($letters as $letter)
          <li><a href="{{ route('letter', $letter->id) }}">{{ $letter->subject }}</a> <span
              class="measure">{{ Moments::day($letter->updated_at, 'short') }}</span></li>
        @endforeach
      </ul>
      @if ($cards->isNotEmpty())
        <form method="post" action="{{ route('letters.store') }}" class="with-button">@csrf
          <select class="form-select" name="card" aria-label="Card it is signed with">
            @foreach ($cards as $id => $name)
              <option value="{{ $id }}">{{ $name }}</option>
            @endforeach
          </select><button class="btn btn-line">Write a letter</button></form>
      @endif
      @if ($opens)
        <form method="post" id="campaign" class="stack campaign-form"
          action="{{ $chosen ? route('campaign.update', $chosen->id) : route('campaigns.store') }}">@csrf
          <h2>{{ $chosen->name ?? 'A campaign' }}</h2>
          <div class="field"><label for="campaign-name">Called</label><input class="form-control" id="campaign-name"
              name="name" value="{{ $was('name', $chosen->name ?? '') }}" maxlength="80" autocomplete="off"
              aria-describedby="error-campaign-name">
            <p class="field-error" id="error-campaign-name">{{ $refused['name'] ?? '' }}</p>
          </div>
          @php($has = $chosen?->outside !== null)
          @if ($has)
            <p class="help">{{ ucfirst($senders[$chosen->sender]) }} has its messages and recipients: the name alone can
              still be changed.</p>
          @endif
          <fieldset class="stack" @disabled($has)>
          <div class="field"><label for="campaign-footer">Its footer</label><select class="form-select"
              id="campaign-footer" name="footer" aria-describedby="error-campaign-footer">
              @foreach ($footers as $footer)
                <option value="{{ $footer->id }}" @selected(($chosen->footer ?? 0) === $footer->id)>{{ $footer->name }}
                </option>
              @endforeach
            </select>
            <p class="field-error" id="error-campaign-footer">{{ $refused['footer'] ?? '' }}</p>
          </div>
          <div class="field"><label for="campaign-starts">Starts on</label><input class="form-control" type="date"
              id="campaign-starts" name="starts" value="{{ $was('starts', $chosen?->starts->iso ?? $today->iso) }}"
              aria-describedby="error-campaign-starts">
            <p class="field-error" id="error-campaign-starts">{{ $refused['starts'] ?? '' }}</p>
          </div>
          <div class="field"><label for="campaign-recipients">Recipients</label><input class="form-control"
              id="campaign-recipients" name="recipients" inputmode="numeric"
              value="{{ $was('recipients', $chosen && $chosen->recipients > 0 ? (string) $chosen->recipients : '') }}"
              placeholder="how many"></div>
          <div class="field"><label for="campaign-messages">Messages, one a line: days after the start, and the
              subject</label>
            <textarea class="form-control" id="campaign-messages" name="messages" rows="6"
              placeholder="0 Come and see the garden&#10;7 Still a place on Saturday"
              aria-describedby="error-campaign-messages">{{ $was('messages', $chosen?->lines() ?? '') }}</textarea>
            <x-help topic="campaign.messages" />
            <p class="field-error" id="error-campaign-messages">{{ $refused['messages'] ?? '' }}</p>
          </div>
          </fieldset>
          @if ($chosen?->outside === null && $chosen !== null)
            <details class="campaign-letters" @if (array_filter(array_column($chosen->messages, 'letter'))) open @endif>
              <summary>What its messages say</summary>
              @foreach ($chosen->messages as $message)
                <div class="field"><label for="letter-of-{{ $message->id }}">{{ $message->subject }}</label>
                  <select class="form-select" id="letter-of-{{ $message->id }}" name="letters[{{ $message->id }}]">
                    <option value="">the letter of that subject{{ $letters->contains('subject', $message->subject) ? ''
                        : ' (there is none yet)' }}</option>
                    @foreach ($letters as $letter)
                      <option value="{{ $letter->id }}" @selected($message->letter === $letter->id)>
                        {{ $letter->subject }}</option>
                    @endforeach
                  </select></div>
              @endforeach
            </details>
          @elseif($chosen?->said)
            @include('campaigns.said', ['one' => $chosen, 'who' => $senders[$chosen->sender]])
          @endif
          <span class="way-buttons"><button class="btn btn-stamp">Keep it</button>
            @if ($chosen)
              @if ($chosen->old() > 0)
                <button class="btn btn-line" name="campaign" value="{{ $chosen->id }}"
                  formaction="{{ route('campaigns.put', $chosen->footer) }}">Put revision
                  {{ $chosen->head }} in</button>
              @endif
              @if ($sender !== null && $chosen->outside === null && !$chosen->isEnded)
                <button class="btn btn-line" formaction="{{ route('campaign.send', $chosen->id) }}">Let
                  {{ $senders[$sender] }} send it</button>
              @elseif($chosen->sender === 'stand-in' && $sender === 'stand-in')
                <button class="btn btn-line" name="days" value="7"
                  formaction="{{ route('campaigns.forward') }}">Set its clock a week forward</button>
              @endif
              @php($rests = $chosen->isEnded || $chosen->said?->isStopped)
              <button class="btn btn-plain" name="again" value="{{ (int) $rests }}"
                formaction="{{ route('campaign.end', $chosen->id) }}">{{ $rests ? 'Let it go on' : 'End it' }}</button>
              <button class="btn btn-plain" formaction="{{ route('campaign.remove', $chosen->id) }}">Remove</button>
            @endif
          </span>
        </form>
      @endif
    </aside>
  </main>
</x-layouts.page>
