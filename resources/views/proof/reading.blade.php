<!DOCTYPE html>
<html lang="en">

<head>
  <meta charset="utf-8">
  <link rel="stylesheet" href="{{ asset('css/sheet.css') }}">
  <title>{{ __($client->label) }}</title>
  <base target="_blank">
  @if ($outlined)
    <style>
      [data-changed]{!! implode('', array_map(fn($id) => ',td[data-piece~="' . $id . '"]', $marked)) !!} {
        outline: 2px dashed #c8402a;
        outline-offset: 2px
      }
    </style>
  @endif
</head>

<body
  style="margin:0;padding:12px;background-color:{{ $page }};color:{{ $ink }};font:13px Arial,sans-serif"
  data-width="{{ $client->width }}">{!! $html !!}</body>

</html>
