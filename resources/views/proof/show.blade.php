@php($score = $proof->score())
@php($count = count($proof->findings))
@php($specific = fn ($client) => array_values(array_filter($proof->findings, fn ($finding) => $finding->clients !== [] && in_array($client->key, $finding->clients, true))))
@php($chip = function ($client) use ($proof, $specific) {
    $verdict = $proof->subject->reading($client->key)->verdict();
    $finding = $specific($client)[0] ?? null;

    return match (true) {
        // In a few words: what comes after says where, and the tile says that.
        $finding !== null => [$finding->severity->value, $verdict ?: Str::lower(preg_replace('/ (?:on|in|for|where|of) .*$/', '', $finding->title))],
        $verdict !== '' => ['advice', $verdict],
        $client->form === 'text' => ['good', substr_count($proof->subject->text(), "\n").' lines'],
        default => ['good', $client->isDark() ? 'reads well' : 'as designed'],
    };
})
<x-layouts.page :title="'Proof of '.$card->name" nav="cards" class="proof-page">
<x-slot:head><script type="module" src="/js/proof.js"></script></x-slot:head>
<main id="main" class="proof">
  <section class="proof-side" aria-label="What to mend">
    <div class="proof-head"><h1>{{ $card->name }}</h1><span class="measure">revision {{ $card->head }}</span></div>
    @if($mended = session('mended'))
    <div class="told" role="status">
      <p><b>Mended:</b> {{ Str::lower($mended['title']) }}. {{ $mended['words'] }}.</p>
      <div class="before-after">
        <figure><span class="rendering"><iframe src="{{ route('history.sheet', [$card->id, $mended['before']]) }}" title="Before" tabindex="-1" sandbox="allow-same-origin"></iframe></span><figcaption>before</figcaption></figure>
        <figure><span class="rendering"><iframe src="{{ route('history.sheet', [$card->id, $mended['after']]) }}" title="After" tabindex="-1" sandbox="allow-same-origin"></iframe></span><figcaption>after</figcaption></figure>
      </div>
      <form method="post" action="{{ route('edit.undo', $card->id) }}" class="inline">@csrf<input type="hidden" name="revision" value="{{ $card->head }}"><input type="hidden" name="back" value="proof"><button class="btn-words">Undo</button></form>
    </div>
    @elseif(session('told'))<p class="told told-look" role="status">{{ session('told') }}</p>
    @endif
    <p class="score"><b>{{ $score }}</b> <span>of 100. {{ $count === 0 ? 'Nothing to mend: hand it over.' : ($count === 1 ? 'One thing' : ucfirst((new NumberFormatter('en', NumberFormatter::SPELLOUT))->format($count)).' things').($proof->findings[0]->severity->value === 'advice' ? ' could be better.' : ' to look at before you hand it over.') }}</span></p>
    <ol class="findings">
      @foreach($proof->findings as $finding)
      <li class="finding finding-{{ $finding->severity->value }}">
        <div>
          <h2>{{ $finding->title }} <span class="visually-hidden">({{ $finding->severity->label() }})</span></h2>
          <p>{{ $finding->says }}</p>
          @if($finding->pieces !== [])<p class="help">@foreach(array_slice($finding->pieces, 0, 4) as $id)@php($piece = $proof->subject->card->piece($id))<a href="{{ route('bench', ['card' => $card->id, 'piece' => $id]) }}">{{ Str::lower($piece->kind->label()) }}</a>@if(! $loop->last), @endif @endforeach</p>@endif
        </div>
        @if($finding->mend)<form method="post" action="{{ route('proof.mend', $card->id) }}">@csrf<input type="hidden" name="revision" value="{{ $card->head }}"><button class="btn btn-line" name="finding" value="{{ $finding->id() }}" aria-label="{{ $finding->mend->label }}: {{ $finding->title }}">{{ $finding->mend->label }}</button></form>@endif
      </li>
      @endforeach
      <li class="finding finding-good"><details><summary><b>{{ count($proof->passed) }} checks passed</b></summary><p>{{ implode(', ', array_map(fn ($check) => Str::lower($check->title()), $proof->passed)) }}: none of these.</p></details></li>
    </ol>
    <h2 id="holds">Where it holds</h2>
    <div class="table-scroll holds-scroll" tabindex="0" role="region" aria-label="Where it holds"><table class="holds" aria-labelledby="holds">
      <tbody>
      @foreach($proof->matrix() as $area => $row)
      <tr><th scope="row">{{ \InkyCard\Proof\Area::from($area)->label() }}</th>
        @foreach($row as $key => $finding)
        <td class="hold-cell" title="{{ $clients[$key]->label }}: {{ $finding->title ?? 'holds' }}"><span class="hold hold-{{ $finding->severity->value ?? 'good' }}"></span><span class="visually-hidden">{{ $clients[$key]->label }}: {{ $finding->title ?? 'holds' }}</span></td>
        @endforeach
      </tr>
      @endforeach
      </tbody>
    </table></div>
    <p class="proof-foot"><a class="btn btn-stamp" href="{{ route('hand-over', $card->id) }}">Hand over</a> <a class="btn btn-line" href="{{ route('bench', $card->id) }}">Back to the bench</a> <a class="btn btn-line" href="{{ route('proof.print', $card->id) }}">Print</a></p>
    <form method="post" action="{{ route('links.check', $card->id) }}" class="proof-links">@csrf<input type="hidden" name="back" value="proof"><button class="btn-words">Follow all links now</button> <span class="help">{{ $proof->subject->verdicts === [] ? 'not followed lately' : count($proof->subject->verdicts).' followed within a day' }}</span></form>
    <h2 id="walk">Walk it once by eye</h2>
    <ul class="walk">
      @foreach($walk as $item)
      <li class="walk-{{ $item->known }}">
        <form method="post" action="{{ route('proof.walk', $card->id) }}">@csrf<input type="hidden" name="item" value="{{ $item->key }}"><input type="hidden" name="done" value="{{ ($walked[$item->key] ?? false) ? 0 : 1 }}"><button class="tick" aria-pressed="{{ ($walked[$item->key] ?? false) ? 'true' : 'false' }}" aria-label="Looked at: {{ $item->words }}">@if($walked[$item->key] ?? false)<x-icon name="check-lg"/>@endif</button></form>
        <span>{{ $item->words }}. <span class="help">@if($item->known === 'good')The proof found nothing.@elseif($item->known === 'look'){{ implode('; ', array_map(fn ($finding) => Str::lower($finding->title), $item->findings)) }}.@else For your eye. @endif @if(isset($walked[$item->key]) && ! $walked[$item->key])Looked at on an earlier revision.@endif</span></span>
      </li>
      @endforeach
    </ul>
  </section>
  <section class="wall" aria-label="As mail clients would show it">
    <p class="wall-note help">Stand-ins, described by rules; no mail client runs here. <label class="check"><input type="checkbox" id="outlined" checked> Outline what differs</label></p>
    <ul>
      @foreach($clients as $client)
      @php([$state, $words] = $chip($client))
      @php($marked = implode('.', array_unique(array_merge(...array_column($specific($client), 'pieces') ?: [[]]))))
      <li class="stand-in">
        <div class="stand-in-head"><a href="{{ route('proof.compare', [$card->id, $client->key]) }}">{{ $client->label }}</a><span class="chip chip-{{ $state }}">{{ $words }}</span></div>
        <div class="reading"><iframe scrolling="no" data-width="{{ $client->width }}" data-plain="{{ route('proof.reading', [$card->id, $client->key]) }}" data-outlined="{{ $outlined = route('proof.reading', ['card' => $card->id, 'client' => $client->key, 'outlined' => 1, 'mark' => $marked]) }}" src="{{ $outlined }}" title="As {{ Str::lower($client->label) }} shows it" tabindex="-1" loading="lazy" sandbox="allow-same-origin"></iframe></div>
      </li>
      @endforeach
    </ul>
  </section>
</main>
</x-layouts.page>
