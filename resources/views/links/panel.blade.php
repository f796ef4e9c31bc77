{{-- On a page of its own, without the bench's scripts, choices post their forms; what is typed has its button. --}}
@php($alone ??= false)
@php($tags = $document->tags)
@php($followed = array_filter($links, fn ($it) => $it->leadsOn()))
@php($unfollowed = (int) session('unfollowed'))
@php([$firms, $persons] = [count($networks->firms), count($networks->persons)])
<div id="links-panel" class="links-panel">
  <p class="links-total">{{ trans_choice(':count link on this card.|:count links on this card.', count($links)) }}
    @if ($firms + $persons > 0)
      {{ $firms + $persons }} of them are profiles: {{ $firms }} the firm’s, {{ $persons }} the person’s own.
    @endif
  </p>
  @if ($profiles)
    @foreach ($instead as [$firm, $lines])
      <x-edit-form :to="route('edit.fill', [$card->id, $profiles->id])" :card="$card" back="links" edit="press"
        class="advice advice-look">
        <input type="hidden" name="whole" value="1">
        <input type="hidden" name="fields[links]" value="{{ $lines }}">
        The firm has one {{ __($firm->label) }} page for all, this card another.
        <button class="btn-words">Take the firm's</button>
      </x-edit-form>
    @endforeach
    @if ($unused)
      <x-edit-form :to="route('edit.fill', [$card->id, $profiles->id])" :card="$card" back="links" edit="press"
        class="links-unused">
        <input type="hidden" name="whole" value="1">
        Not on this card:
        @foreach ($unused as [$link, $lines])
          <button class="btn-words" name="fields[links]" value="{{ $lines }}">put {{ $link->label }} on</button>@if (!
              $loop->last), @endif
        @endforeach
      </x-edit-form>
    @endif
  @endif
  @if ($networks->missing)
    <p class="advice advice-look">By the firm's decision each person has their own
      {{ implode(', ', $networks->missing) }}: none on this card yet.</p>
  @endif

  <x-edit-form :to="route('edit.count', $card->id)" :card="$card" back="links" class="links-switch" data-at-once>
    <label class="check"><input type="checkbox" name="on" value="1"
      @checked($document->counted)> Count clicks</label><x-help
      topic="counted" />
    <p class="help">Links go out as short addresses of ours that pass on at once. No cookies, no addresses of visitors.
      @if ($document->counted)
        <a href="{{ route('clicks', ['card' => $card->id]) }}">What was clicked</a>
      @endif
    </p>
    <x-keep />
  </x-edit-form>
  <x-edit-form :to="route('edit.tags', $card->id)" :card="$card" back="links" class="links-switch" data-at-once>
    <label class="check"><input type="checkbox" name="on" value="1" @checked($tags)> Campaign tags</label><x-help
      topic="tags" />
    <p class="help">Your site's own statistics then tell this card's visitors from others.</p>
    @if ($tags)
      <x-tune-row for="tags-campaign" label="Campaign"><input class="form-control" id="tags-campaign"
          name="tags[campaign]" value="{{ $tags->campaign }}" placeholder="for example Autumn planting"
          autocomplete="off"
          aria-describedby="error-tags"></x-tune-row>
      @include('bench.error', ['key' => 'tags'])
      <details class="links-patterns">
        <summary>What the tags say</summary>
        @foreach ($tags->tags->patterns as $tag => $pattern)
          <x-tune-row for="tag-{{ $tag }}" label="{{ ucfirst($tag) }}"><input class="form-control"
              id="tag-{{ $tag }}" name="tags[patterns][{{ $tag }}]" value="{{ $pattern }}" autocomplete="off"
              spellcheck="false" aria-describedby="error-tag-{{ $tag }}"></x-tune-row>
          @include('bench.error', ['key' => 'tag-' . $tag])
        @endforeach
        <p class="help">{{ implode(', ', $tokens) }} stand for the holder, the piece, the card and the campaign. What
          comes out empty is left out; a tag an address has already stays.</p>
      </details>
    @endif
    <x-keep :always="$alone && $tags" />
  </x-edit-form>

  @if ($followed !== [])
    <form method="post" action="{{ route('links.check', $card->id) }}" class="links-all">@csrf<button
        class="btn btn-line" data-check-all>Check all
            {{ trans_choice(':count link|:count links', count($followed)) }}</button> <span class="help" data-checked
                role="status"
        >{{ $unfollowed > 0 ? "$unfollowed took too long and are left: check once more" : '' }}</span>
    </form>
  @endif
  <ol class="links-list">
    @foreach ($links as $number => $it)
      @php($link = $it->link)
      <li>
        <p><strong>{{ $it->words }}</strong> {{ __($link->action->says()) }}</p>
        <a class="measure links-address" href="{{ $link->href }}" target="_blank" rel="noopener noreferrer"
          >{{ $it->shown }}</a>
        @if ($it->advice !== '')
          <p class="advice advice-look">{{ $it->advice }}</p>
        @endif
        @if ($link->action->caution())
          <p class="help">{{ $link->action->caution() }}</p>
        @endif
        @if ($tags && $link->tells)
          <x-edit-form :to="route('edit.tag', $card->id)" :card="$card" back="links" class="links-tag" data-at-once>
            <input type="hidden" name="link" value="{{ $link->key }}">
            <label class="check"><input type="checkbox" name="on" value="1" @checked($it->tagged)
                aria-label="Tags on {{ $link->words }}"> <span class="measure">{{ $it->tags }}</span></label>
            <x-keep />
          </x-edit-form>
        @elseif ($tags && $it->leadsOn())
          <p class="help">{{ $document->follows($link->piece)
              ? 'No tags: other people\'s sites cannot tell them.'
              : 'No tags, and not counted: a notice leads straight to what must be shown. Its row can change that.'
                  }}</p>
        @endif
        @if ($it->leadsOn())
          @php($check = $checks[$link->address] ?? null)
          <form method="post" action="{{ route('links.check', $card->id) }}" class="links-check"
            hx-post="{{ route('links.check', $card->id) }}" hx-target="#check-{{ $number }}" hx-swap="innerHTML"
            hx-sync="this:drop">
            @csrf
            <input type="hidden" name="address" value="{{ $link->address }}">
            <span id="check-{{ $number }}" class="links-result">
              @includeWhen($check !== null, 'links.checked')
            </span>
            <button class="btn-words">{{ $check === null ? 'Check' : 'Again' }}</button>
          </form>
        @endif
      </li>
    @endforeach
  </ol>
</div>
