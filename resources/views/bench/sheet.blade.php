<!DOCTYPE html>
<html lang="{{ $lang ?? 'en' }}">
<head>
<meta charset="utf-8">
<title>The card as sent</title>
<link rel="stylesheet" href="{{ asset('css/sheet.css') }}">
<base target="_blank">
</head>
<body style="margin:0" data-revision="{{ $revision ?? '' }}">{!! $html !!}</body>
</html>
