@if ($lacking > 0)
  <a class="btn btn-line" href="{{ route('brand.duties') }}">{{ trans_choice(':count card|:count cards', $lacking) }}
      short
    of a rule</a>
@endif
@if ($brand->draft !== null)
  <a class="btn btn-stamp" href="{{ route('brand.change') }}">See what changes on
      {{ trans_choice(':count card|:count cards', $touched) }}</a>
@endif
