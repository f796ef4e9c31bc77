@php($hx = fn(string $url) => new \Illuminate\Support\HtmlString('method="post" action="' . e($url) . '" hx-post="' . e($url) . '" hx-swap="none" hx-sync="#main:queue all"'))
@php($hidden = '<input type="hidden" name="back" value="links"><input type="hidden" name="revision" value="' . $card->head . '">' . csrf_field())
{{-- On a page of its own, without the bench's scripts, each form has its button. --}}
@php($keep = $alone ?? false ? '<button class="btn btn-line">Keep</button>' : '<noscript><button class="btn btn-line">Keep</button></noscript>')
@php($tags = $document->tags)
@php($followed = array_filter($links, fn($link) => str_starts_with($link->address, 'http')))
<div id="links-panel" class="links-panel">
  <p class="links-total"><b>{{ count($links) }}</b> {{ Str::plural('link', count($links)) }} on this
    card{{ $networks->firms || $networks->persons ? sprintf(", %d of them profiles: %d the firm's, %d the person's own", count($networks->firms) + count($networks->persons), count($networks->firms), count($networks->persons)) : '' }}.
  </p>
  @if ($profiles)
    @foreach ($networks->instead as [$own, $firm])
      <form {{ $hx(route('edit.fill', [$card->id, $profiles->id])) }} class="advice advice-look">
        {!! $hidden !!}<input type="hidden" name="whole" value="1"><input type="hidden" name="fields[links]"
          value="{{ implode("\n", \InkyCard\Card\Networks::lines($profiles, $firm, $own)) }}">The firm has one
        {{ $firm->label }} page for all, this card another. <button class="btn-words">Take the firm's</button></form>
    @endforeach
    @if ($networks->unused)
      <form {{ $hx(route('edit.fill', [$card->id, $profiles->id])) }} class="links-unused">{!! $hidden !!}<input
          type="hidden" name="whole" value="1">Not on this card: @foreach ($networks->unused as $link)
          <button class="btn-words" name="fields[links]"
            value="{{ implode("\n", \InkyCard\Card\Networks::lines($profiles, $link)) }}">put {{ $link->label }}
            on</button>
          @if (!$loop->last)
            ,
          @endif
        @endforeach
      </form>
    @endif
  @endif
  @if ($networks->missing)
    <p class="advice advice-look">By the firm's decision each person has their own
      {{ implode(', ', $networks->missing) }}: none on this card yet.</p>
  @endif

  <form {{ $hx(route('edit.count', $card->id)) }} hx-trigger="change, submit" class="links-switch">
    {!! $hidden !!}
    <label class="check"><input type="checkbox" name="on" value="1" @checked($document->counted)> Count
      presses</label>
    <p class="help">Links go out as short addresses of ours that pass on at once. No cookies, no addresses of readers.
      @if ($document->counted)
        <a href="{{ route('clicks', ['card' => $card->id]) }}">What was pressed</a>
      @endif
    </p>
    {!! $keep !!}
  </form>
  <form {{ $hx(route('edit.tags', $card->id)) }} hx-trigger="change, submit" class="links-switch">
    {!! $hidden !!}
    <label class="check"><input type="checkbox" name="on" value="1" @checked($tags)> Campaign
      tags</label>
    <p class="help">Your site's own statistics then tell this card's visitors from others.</p>
    @if ($tags)
      <div class="tune-row"><label for="tags-campaign">Campaign</label><input class="form-control" id="tags-campaign"
          name="tags[campaign]" value="{{ $tags->campaign }}" placeholder="Autumn planting" autocomplete="off"
          aria-describedby="error-tags"></div>
      @include('bench.error', ['key' => 'tags'])
      <details class="links-patterns">
        <summary>What the tags say</summary>
        @foreach ($tags->tags->patterns as $tag => $pattern)
          <div class="tune-row"><label for="tag-{{ $tag }}">{{ ucfirst($tag) }}</label><input
              class="form-control" id="tag-{{ $tag }}" name="tags[patterns][{{ $tag }}]"
              value="{{ $pattern }}" autocomplete="off" spellcheck="false"
              aria-describedby="error-tag-{{ $tag }}"></div>
          @include('bench.error', ['key' => 'tag-' . $tag])
        @endforeach
        <p class="help">{{ implode(', ', \InkyCard\Link\CampaignTags::TOKENS) }} stand for the holder, the piece, the
          card and the campaign. What comes out empty is left out; a tag an address has already stays.</p>
      </details>
    @endif
    {!! $keep !!}
  </form>

  @if ($followed !== [])
    <form method="post" action="{{ route('links.check', $card->id) }}" class="links-all">@csrf<button
        class="btn btn-line" data-check-all>Check all {{ count($followed) }}
        {{ Str::plural('link', count($followed)) }}</button> <span class="help" data-checked role="status"></span>
    </form>
  @endif
  <ol class="links-list">
    @foreach ($links as $number => $link)
      <li>
        <p><strong>{{ $link->words ?: $link->piece->kind->label() }}</strong> {{ $link->action->says() }}</p>
        <a class="measure links-address" href="{{ $link->href }}" target="_blank"
          rel="noopener noreferrer">{{ Str::limit(str_starts_with($link->address, 'https://') ? \InkyCard\Link\WebAddress::parse($link->address)->short() : \InkyCard\Link\Target::words($link->address), 160) }}</a>
        @if (
            $link->piece->kind->key() === 'profiles' &&
                ($advice = \InkyCard\Link\ProfileDirectory::advice($link->address)) !== '')
          <p class="advice advice-look">{{ $advice }}</p>
        @endif
        @if ($link->action->caution())
          <p class="help">{{ $link->action->caution() }}</p>
        @endif
        @if ($tags && $link->tells)
          <form {{ $hx(route('edit.tag', $card->id)) }} hx-trigger="change, submit" class="links-tag">
            {!! $hidden !!}<input type="hidden" name="link" value="{{ $link->key }}"><label
              class="check"><input type="checkbox" name="on" value="1" @checked($link->href !== $link->address || $tags->isOn($link->address, $link->piece->id))
                aria-label="Tags on {{ $link->words }}"> <span
                class="measure">{{ $link->href === $link->address ? ($tags->isOn($link->address, $link->piece->id) ? 'has all its tags' : 'left as it is') : substr($link->href, strlen(strtok($link->address, '#'))) }}</span></label>{!! $keep !!}
          </form>
        @elseif($tags && str_starts_with($link->address, 'http'))
          <p class="help">No tags: other people's sites cannot tell them.</p>
        @endif
        @if (str_starts_with($link->address, 'http'))
          <form method="post" action="{{ route('links.check', $card->id) }}" class="links-check"
            hx-post="{{ route('links.check', $card->id) }}" hx-target="#check-{{ $number }}" hx-swap="innerHTML"
            hx-sync="this:drop">@csrf<input type="hidden" name="address" value="{{ $link->address }}"><span
              id="check-{{ $number }}" class="links-result">
              @if ($check = $checks[$link->address] ?? null)
                @include('links.checked')
              @endif
            </span> <button class="btn-words">{{ isset($checks[$link->address]) ? 'Again' : 'Check' }}</button></form>
        @endif
      </li>
    @endforeach
  </ol>
</div>
