@php($most = max([1, ...array_map(fn($line) => $line->most(), array_values($lines))]))
@foreach ($rows as $row)
  @if ($line = $lines[$lineOf($row)] ?? null)
    <span id="line-{{ $loop->index }}" hx-swap-oob="true"><x-spark :line="$line" :most="$most" /></span>
  @endif
@endforeach
