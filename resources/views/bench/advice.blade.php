@php($style = $bench->document->style)
@php($lines = $bench->document->content($chosen))
<div id="advice" @isset($swap) hx-swap-oob="true" @endisset>
@php($box = $bench->box($chosen))
@if($box)<p class="measure box-measure">{{ round($box->width) }} × {{ round($box->height) }} px</p>@endif
@foreach($lines as $block)
@php($run = match(true) { $block instanceof \InkyCard\Card\Content\LineBlock => $block->runs[0], $block instanceof \InkyCard\Card\Content\ButtonBlock => $block->words, default => null })
@if($run)
@php($background = $block instanceof \InkyCard\Card\Content\ButtonBlock ? $block->colour : $style->ink(\InkyCard\Brand\InkRole::Paper))
@php($ratio = \InkyCard\Colour\Contrast::ratio($run->ink, $background))
@php($dark = \InkyCard\Colour\DarkPage::Forced->ratio($run->ink, $background))
@php($one = fn (float $ratio) => number_format(floor($ratio * 10) / 10, 1))
<p @class(['advice', 'advice-good' => $ratio >= \InkyCard\Colour\Contrast::TEXT, 'advice-look' => $ratio < \InkyCard\Colour\Contrast::TEXT])><b>{{ $one($ratio) }} : 1</b> on its background, {{ $one($dark) }} where a page is forced dark{{ $ratio < \InkyCard\Colour\Contrast::TEXT ? '. Under 4.5 it is hard to read: choose a stronger ink.' : '; '.rtrim(rtrim(number_format($run->size, 1), '0'), '.').' px.' }}</p>
@if($chosen->kind->key() !== 'name' && $run->size >= $style->sizes->name)<p class="advice advice-look">As large as the name: the eye no longer falls on the name first.</p>@endif
@if($run->size < 11)<p class="advice advice-look">Under 11 px many readers have to enlarge it.</p>@endif
@endif
@endforeach
@php($fit = $chosen->kind instanceof \InkyCard\Card\Kind\HeadshotKind ? \InkyCard\Layout\PictureFit::of($bench->document) : null)
@if($fit && $fit->piece === $chosen->id)
<div @class(['advice', 'advice-good' => $fit->matches(), 'advice-look' => ! $fit->matches()])>Text is {{ $fit->text }} px tall, the picture {{ $fit->picture }}.
@if(! $fit->matches())
<form method="post" action="{{ route('edit.fill', [$bench->card->id, $chosen->id]) }}" hx-post="{{ route('edit.fill', [$bench->card->id, $chosen->id]) }}" hx-swap="none" hx-sync="#main:queue all">@include('bench.hidden')<input type="hidden" name="whole" value="1"><input type="hidden" name="fields[size]" value="{{ $fit->best }}"><button class="btn-words">{{ $fit->best === $fit->text ? 'Match them' : "Bring it to {$fit->best} px" }}</button></form>
@endif
</div>
@endif
@php($links = array_values(array_unique(array_filter(array_merge(...array_map(fn ($block) => match(true) { $block instanceof \InkyCard\Card\Content\LineBlock => array_column($block->runs, 'href'), $block instanceof \InkyCard\Card\Content\ButtonBlock => [$block->words->href], $block instanceof \InkyCard\Card\Content\MarksBlock => array_column($block->marks, 'href'), $block instanceof \InkyCard\Card\Content\PictureBlock => [$block->href], default => [] }, $lines ?: []))))))
@if($links !== [])<p class="try-links">Try {{ count($links) === 1 ? 'it' : 'them' }}: @foreach(array_slice($links, 0, 8) as $link)<a href="{{ $link }}" target="_blank" rel="noopener noreferrer">{{ Str::limit(preg_replace('#^(https?://(www\.)?|mailto:|tel:)#', '', $link), 32) }}</a>@if(! $loop->last), @endif @endforeach</p>@endif
@if($lines === [])<p class="advice advice-look">Nothing filled in, so nothing of it is on the card.</p>@endif
</div>
