@php($dress = $style->marks->season)
<h2>
  Marks</h2>
<form method="post" action="{{ route('edit.restyle', $card) }}" class="tune" hx-post="{{ route('edit.restyle', $card) }}"
  hx-trigger="change, submit" hx-swap="none" hx-sync="#main:queue all">
  @include('bench.hidden')
  <div class="tune-row"><label for="marks-shape">Silhouette</label><select class="form-select" id="marks-shape"
      name="style[marks][shape]">
      @foreach (\InkyCard\Picture\Shape::forMarks() as $shape)
        <option value="{{ $shape->value }}" @selected($style->marks->shape === $shape)>{{ Str::lower($shape->label()) }}</option>
      @endforeach
    </select>
  </div>
  <div class="tune-row"><label for="marks-size">Size</label><span class="with-unit"><input class="form-control"
        type="number" id="marks-size" name="style[marks][size]" min="16" max="48"
        value="{{ $style->marks->size }}"><span class="measure">px</span></span></div>
  <div class="tune-row"><label for="marks-gap">Gap</label><span class="with-unit"><input class="form-control"
        type="number" id="marks-gap" name="style[marks][gap]" min="0" max="24"
        value="{{ $style->marks->spacing }}"><span class="measure">px</span></span></div>
  <div class="tune-row"><label for="marks-grey">Colour</label><select class="form-select" id="marks-grey"
      name="style[marks][grey]">
      <option value="0" @selected(!$style->marks->grey)>in ink</option>
      <option value="1" @selected($style->marks->grey)>grey, to keep calm</option>
    </select></div>
  <div class="tune-row"><label for="marks-dress">Season</label><select class="form-select" id="marks-dress"
      name="style[marks][dress][season]">
      <option value="">plain</option>
      @foreach (\InkyCard\Picture\Season::seasons() as $season => $about)
        <option value="{{ $season }}" @selected($dress?->season === $season)>{{ Str::lower($about['label']) }}</option>
      @endforeach
    </select></div>
  @if ($dress)
    <div class="tune-row"><label for="marks-from">From, until</label><span class="with-unit"><input class="form-control"
          id="marks-from" name="style[marks][dress][from]" value="{{ $dress->from }}" placeholder="12-01"
          inputmode="numeric" autocomplete="off" aria-describedby="error-marks"><input class="form-control"
          id="marks-until" name="style[marks][dress][until]" value="{{ $dress->until }}" placeholder="01-06"
          inputmode="numeric" autocomplete="off" aria-label="Until" aria-describedby="error-marks"></span></div>
    <p class="help">Worn from day to day, month first, every year. Outside these days the plain marks show by
      themselves, in mail sent before too. Today: {{ $dress->isWornOn(now()->toDateString()) ? 'worn' : 'plain' }}.</p>
  @endif
  @include('bench.error', ['key' => 'marks'])
  <noscript><button class="btn btn-line">Keep</button></noscript>
</form>
