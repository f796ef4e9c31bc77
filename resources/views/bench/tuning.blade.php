@php($chosen = $bench->piece($open))
<section id="tuning" class="tuning" aria-label="Tuning"
  @isset($swap) hx-swap-oob="morph" @endisset>
  @php($card = $bench->card->id)
  @php($style = $bench->document->style)
  @if ($chosen)
    @php($tunes = $chosen->kind->tunes())
    <h2>{{ $chosen->kind->label() }}</h2>
    <form method="post" action="{{ route('edit.tune', [$card, $chosen->id]) }}" class="tune"
      hx-post="{{ route('edit.tune', [$card, $chosen->id]) }}" hx-trigger="change, submit" hx-swap="none"
      hx-sync="#main:queue all">
      @include('bench.hidden')
      @if (in_array('ink', $tunes))
        <fieldset class="tune-row">
          <legend>Ink</legend>
          <div class="swatches">
            @foreach (\InkyCard\Brand\InkRole::cases() as $role)
              <label class="swatch" title="{{ $role->label() }} {{ $style->ink($role)->toHex() }}"><input type="radio"
                  name="tuning[ink]" id="ink-{{ $role->value }}" value="{{ $role->value }}"
                  aria-label="{{ $role->label() }} ink" @checked($chosen->tuning->ink === $role)><svg aria-hidden="true"
                  viewBox="0 0 24 24">
                  <circle cx="12" cy="12" r="11.5" fill="{{ $style->ink($role)->toHex() }}" />
                </svg></label>
            @endforeach
            <label class="swatch swatch-auto"><input type="radio" name="tuning[ink]" id="ink-auto" value=""
                aria-label="Ink as the card's style says" @checked($chosen->tuning->ink === null)><span>style</span></label>
          </div>
        </fieldset>
      @endif
      @if (in_array('size', $tunes))
        <div class="tune-row"><label for="tune-size">Size</label><span class="with-unit"><input class="form-control"
              type="number" id="tune-size" name="tuning[size]" min="9" max="32" step="0.5"
              value="{{ $chosen->tuning->size }}" placeholder="{{ $bench->sizeOf($chosen) }}"
              aria-describedby="error-{{ $chosen->id }}-tuning-size"><span class="measure">px</span></span></div>
        @include('bench.error', ['key' => $chosen->id . '.tuning-size', 'swap' => null])
      @endif
      @if (in_array('bold', $tunes))
        <div class="tune-row"><label for="tune-bold">Weight</label><select class="form-select" id="tune-bold"
            name="tuning[bold]">
            <option value="" @selected($chosen->tuning->bold === null)>style</option>
            <option value="0" @selected($chosen->tuning->bold === false)>regular</option>
            <option value="1" @selected($chosen->tuning->bold === true)>bold</option>
          </select></div>
      @endif
      @if (in_array('italic', $tunes))
        <div class="tune-row"><label for="tune-italic">Slant</label><select class="form-select" id="tune-italic"
            name="tuning[italic]">
            <option value="" @selected($chosen->tuning->italic === null)>style</option>
            <option value="0" @selected($chosen->tuning->italic === false)>upright</option>
            <option value="1" @selected($chosen->tuning->italic === true)>italic</option>
          </select></div>
      @endif
      @if (in_array('underline', $tunes))
        <div class="tune-row"><label for="tune-underline">Underline</label><select class="form-select"
            id="tune-underline" name="tuning[underline]">
            <option value="" @selected($chosen->tuning->underline === null)>style</option>
            <option value="0" @selected($chosen->tuning->underline === false)>no line</option>
            <option value="1" @selected($chosen->tuning->underline === true)>a line under links</option>
          </select></div>
      @endif
      @if (in_array('align', $tunes))
        <div class="tune-row"><label for="tune-align">Stands</label><select class="form-select" id="tune-align"
            name="tuning[align]">
            <option value="">as arranged</option>
            @foreach (['start' => 'at the start', 'center' => 'in the middle', 'end' => 'at the end'] as $side => $label)
              <option value="{{ $side }}" @selected($chosen->tuning->align === $side)>{{ $label }}</option>
            @endforeach
          </select>
        </div>
      @endif
      @if (in_array('gap', $tunes))
        <div class="tune-row"><label for="tune-gap">Gap above</label><span class="with-unit"><input class="form-control"
              type="number" id="tune-gap" name="tuning[gap]" min="0" max="48"
              value="{{ $chosen->tuning->spacing }}" placeholder="style"
              aria-describedby="error-{{ $chosen->id }}-tuning-gap"><span class="measure">px</span></span></div>
        @include('bench.error', ['key' => $chosen->id . '.tuning-gap', 'swap' => null])
      @endif
      @if (in_array('joined', $tunes))
        <div class="tune-row"><label for="tune-joined">Line</label><select class="form-select" id="tune-joined"
            name="tuning[joined]">
            <option value="0" @selected($chosen->joined === null)>its own line</option>
            <option value="1" @selected($chosen->joined !== null)>same line as previous</option>
          </select></div>
      @endif
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </form>
    @include('bench.advice', ['swap' => null])
    @if ($chosen->kind->key() === 'profiles' && $chosen->text('form') !== 'words')
      @include('bench.marks', ['swap' => null])
    @endif
  @endif
  @if ($chosen)
    <h2>For the team</h2>
    <form method="post" action="{{ route('edit.assign', [$card, $chosen->id]) }}" class="tune"
      hx-post="{{ route('edit.assign', [$card, $chosen->id]) }}" hx-trigger="change, submit" hx-swap="none"
      hx-sync="#main:queue all">
      @include('bench.hidden')
      <div class="tune-row"><label for="tune-by">Filled by</label><select class="form-select" id="tune-by"
          name="by">
          @foreach (['free' => 'anyone, free to change', 'us' => 'us, the same for all', 'person' => 'each person'] as $by => $label)
            <option value="{{ $by }}" @selected($chosen->filledBy->value === $by)>{{ $label }}</option>
          @endforeach
        </select>
      </div>
      <noscript><button class="btn btn-line">Keep</button></noscript>
    </form>
  @endif
  <details class="several">
    <summary>Several pieces at once</summary>
    <form method="post" action="{{ route('edit.several', $card) }}" class="tune"
      hx-post="{{ route('edit.several', $card) }}" hx-swap="none" hx-sync="#main:queue all">
      @include('bench.hidden')
      <fieldset class="several-pieces">
        <legend class="visually-hidden">Which pieces</legend>
        @foreach ($bench->document->pieces as $piece)
          @if ($piece->shown && !$piece->isBlank())
            <label class="check"><input type="checkbox" name="pieces[]" value="{{ $piece->id }}">
              {{ Str::limit($piece->kind->label() . ': ' . $piece->summary(), 34) }}</label>
          @endif
        @endforeach
      </fieldset>
      <div class="tune-row"><label for="several-ink">Ink</label><select class="form-select" id="several-ink"
          name="several[ink]">
          <option value="">as it is</option>
          @foreach (\InkyCard\Brand\InkRole::cases() as $role)
            <option value="{{ $role->value }}">{{ Str::lower($role->label()) }}</option>
          @endforeach
        </select>
      </div>
      <div class="tune-row"><label for="several-size">Size</label><span class="with-unit"><input
            class="form-control" type="number" id="several-size" name="several[size]" min="9"
            max="32" step="0.5" placeholder="as it is"><span class="measure">px</span></span></div>
      <div class="tune-row"><label for="several-bold">Weight</label><select class="form-select" id="several-bold"
          name="several[bold]">
          <option value="">as it is</option>
          <option value="0">regular</option>
          <option value="1">bold</option>
        </select></div>
      <div class="tune-row"><label for="several-gap">Gap above</label><span class="with-unit"><input
            class="form-control" type="number" id="several-gap" name="several[gap]" min="0" max="48"
            placeholder="as it is"><span class="measure">px</span></span></div>
      <p class="field-error" id="error-several">{{ $refused['several'] ?? '' }}</p>
      <button class="btn btn-line">Set them together</button>
    </form>
  </details>
  <h2>The whole card</h2>
  <form method="post" action="{{ route('edit.restyle', $card) }}" class="tune"
    hx-post="{{ route('edit.restyle', $card) }}" hx-trigger="change, submit" hx-swap="none"
    hx-sync="#main:queue all">
    @include('bench.hidden')
    <div class="tune-row"><label for="style-typeface">Typeface</label><select class="form-select"
        id="style-typeface" name="style[typeface]">
        @foreach (\InkyCard\Type\FontStack::all() as $stack)
          <option value="{{ $stack->key }}" @selected($style->typeface->key === $stack->key)>{{ $stack->name() }}</option>
        @endforeach
      </select>
    </div>
    @php($brand = $bench->brand())
    @foreach (\InkyCard\Brand\InkRole::cases() as $role)
      @php($ink = $style->ink($role))
      <div class="tune-row"><label for="style-{{ $role->value }}">{{ $role->label() }} ink</label><span
          class="with-unit"><input type="color" id="style-{{ $role->value }}"
            name="style[inks][{{ $role->value }}]" value="{{ $style->ink($role)->toHex() }}"><span
            class="measure">{{ $style->ink($role)->toHex() }}</span></span></div>
      @if (!$ink->equals($brand->inks[$role->value]))
        @php($near = $brand->nearest($ink))
        <p class="own-ink">
          {{ $near['distance'] < 0.00005 ? 'The brand\'s ' . $near['role']->value . ' ink.' : number_format($near['distance'], 2) . ' from the brand\'s ' . $near['role']->value . ' ink ' . $near['ink']->toHex() . ($near['distance'] < \InkyCard\Colour\Oklch::NOTICEABLE ? ', too near to tell apart.' : '.') }}
          <button class="btn-words" name="style[inks][{{ $role->value }}]"
            value="{{ $brand->inks[$role->value]->toHex() }}">Take the brand's {{ $role->value }}</button></p>
      @endif
    @endforeach
    <div class="tune-row"><label for="style-background">Background</label><select class="form-select"
        id="style-background" name="style[ground][shown]">
        <option value="0" @selected($style->background === null)>none</option>
        <option value="1" @selected($style->background !== null)>paper ink</option>
      </select></div>
    <div class="tune-row"><label for="style-symbols">Symbols</label><select class="form-select" id="style-symbols"
        name="style[symbols][shape]">
        @foreach (['none' => 'none', 'bare' => 'bare', 'round' => 'round', 'rounded' => 'rounded', 'square' => 'square'] as $shape => $label)
          <option value="{{ $shape }}" @selected(($style->symbols->shape->value ?? 'none') === $shape)>{{ $label }}</option>
        @endforeach
      </select></div>
    @foreach ([['Name size', 'sizes', 'name', $style->sizes->name, 9, 32, 'px'], ['Text size', 'sizes', 'text', $style->sizes->text, 9, 32, 'px'], ['Small size', 'sizes', 'small', $style->sizes->small, 9, 32, 'px'], ['Rule', 'rule', 'width', $style->rule->width, 0, 8, 'px'], ['Line gap', 'gaps', 'lines', $style->spacing->lines, 0, 48, 'px'], ['Block gap', 'gaps', 'blocks', $style->spacing->blocks, 0, 48, 'px'], ['Column gap', 'gaps', 'columns', $style->spacing->columns, 0, 48, 'px'], ['Room above', 'gaps', 'above', $style->spacing->above, 0, 48, 'px'], ['Line height', 'gaps', 'leading', $style->spacing->lineHeight, 1.1, 2.2, '×'], ['Corners', 'button', 'radius', $style->button->radius, 0, 24, 'px'], ['Button room', 'button', 'wide', $style->button->wide, 4, 40, 'px']] as [$label, $group, $key, $value, $least, $most, $unit])
      <div class="tune-row"><label
          for="style-{{ $group }}-{{ $key }}">{{ $label }}</label><span
          class="with-unit"><input class="form-control" type="number"
            id="style-{{ $group }}-{{ $key }}"
            name="style[{{ $group }}][{{ $key }}]" min="{{ $least }}"
            max="{{ $most }}" step="{{ $key === 'leading' ? '0.05' : ($group === 'sizes' ? '0.5' : '1') }}"
            value="{{ $value }}"><span class="measure">{{ $unit }}</span></span></div>
    @endforeach
    @include('bench.error', ['key' => 'style', 'swap' => null])
    <noscript><button class="btn btn-line">Keep</button></noscript>
  </form>
</section>
