@if ($lacking > 0)
  <a class="btn btn-line" href="{{ route('brand.duties') }}">{{ $lacking }} {{ Str::plural('card', $lacking) }} short
    of a rule</a>
@endif
@if ($brand->draft !== null)
  <a class="btn btn-stamp" href="{{ route('brand.change') }}">See what changes on {{ $touched }}
    {{ Str::plural('card', $touched) }}</a>
@endif
