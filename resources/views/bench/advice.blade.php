@php($style = $bench->document->style)
@php($lines = $chosen->content($bench->document))
<div id="advice" @isset($swap) hx-swap-oob="true" @endisset>
@foreach($lines as $block)
@php($run = match(true) { $block instanceof \InkyCard\Card\Content\Line => $block->runs[0], $block instanceof \InkyCard\Card\Content\Button => $block->words, default => null })
@if($run)
@php($ground = $block instanceof \InkyCard\Card\Content\Button ? $block->ground : $style->ink(\InkyCard\Brand\InkRole::Paper))
@php($ratio = \InkyCard\Colour\Contrast::ratio($run->ink, $ground))
<p @class(['advice', 'advice-good' => $ratio >= \InkyCard\Colour\Contrast::TEXT, 'advice-look' => $ratio < \InkyCard\Colour\Contrast::TEXT])><b>{{ number_format(floor($ratio * 10) / 10, 1) }} : 1</b> on its ground{{ $ratio < \InkyCard\Colour\Contrast::TEXT ? ': under 4.5 it is hard to read. Choose a stronger ink.' : ', '.rtrim(rtrim(number_format($run->size, 1), '0'), '.').' px.' }}</p>
@endif
@endforeach
@php($fit = $chosen->kind instanceof \InkyCard\Card\Kind\Headshot ? \InkyCard\Layout\PictureFit::of($bench->document) : null)
@if($fit && $fit->piece === $chosen->id)
<div @class(['advice', 'advice-good' => $fit->matches(), 'advice-look' => ! $fit->matches()])>Text is {{ $fit->text }} px tall, the picture {{ $fit->picture }}.
@if(! $fit->matches())
<form method="post" action="{{ route('edit.fill', [$bench->card->id, $chosen->id]) }}" hx-post="{{ route('edit.fill', [$bench->card->id, $chosen->id]) }}" hx-swap="none" hx-sync="#main:queue all">@include('bench.hidden')<input type="hidden" name="whole" value="1"><input type="hidden" name="fields[size]" value="{{ $fit->best }}"><button class="btn-words">{{ $fit->best === $fit->text ? 'Match them' : "Bring it to {$fit->best} px" }}</button></form>
@endif
</div>
@endif
@if($lines === [])<p class="advice advice-look">Nothing filled in, so nothing of it is on the card.</p>@endif
</div>
