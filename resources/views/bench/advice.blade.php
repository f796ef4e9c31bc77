@php($advice = $bench->advice($chosen))
<div id="advice" @isset($swap) hx-swap-oob="true" @endisset>
  @if ($advice->box)
    <p class="measure box-measure">{{ round($advice->box->width) }} × {{ round($advice->box->height) }} px</p>
  @endif
  @foreach ($advice->lines as $line)
    <p @class(['advice', 'advice-good' => $line->good, 'advice-look' => ! $line->good])>
      @if ($line->figure !== '')
        <b>{{ $line->figure }}</b>
      @endif
      {{ __($line->says) }}
    </p>
  @endforeach
  @if ($fit = $advice->fit)
    <div @class(['advice', 'advice-good' => $fit->matches(), 'advice-look' => ! $fit->matches()])>
      Text is {{ $fit->text }} px tall, the picture {{ $fit->picture }}.
      @if (! $fit->matches())
        <x-edit-form
            :to="route('edit.fill', [$bench->card->id, $chosen->id])" :card="$bench->card" :open="$open" edit="press">
          <input type="hidden" name="whole" value="1">
          @foreach ($fit->fields as $field => $pixels)
            <input type="hidden" name="fields[{{ $field }}]" value="{{ $pixels }}">
          @endforeach
          <button class="btn-words">{{ $fit->best === $fit->text ? 'Match them' : "Bring it to {$fit->best} px"
              }}</button>
        </x-edit-form>
      @endif
    </div>
  @endif
  @if ($advice->links !== [])
    <p class="try-links">
      Try {{ count($advice->links) === 1 ? 'it' : 'them' }}:
      @foreach ($advice->links as $link)
        <a href="{{ $link }}" target="_blank" rel="noopener noreferrer"
          >{{ Str::limit(preg_replace('#^(https?://(www\.)?|mailto:|tel:)#', '', $link), 32) }}</a>@if (!
              $loop->last), @endif
      @endforeach
    </p>
  @endif
  @if ($advice->empty)
    <p class="advice advice-look">{{ $bench->document->absence($chosen) ?:
        'Nothing filled in, so nothing of it is on the card.' }}</p>
  @endif
</div>
