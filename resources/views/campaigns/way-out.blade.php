<!DOCTYPE html>
@inject('in', 'App\Words\Locality')
<html lang="{{ $in->language }}" dir="{{ $in->direction() }}">

<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <meta name="robots" content="noindex">
  <title>{{ $gone ? 'You get no more of these' : 'Unsubscribe' }}</title>
  <link rel="stylesheet" href="{{ asset('vendor/bootstrap.min.css') }}">
  <link rel="stylesheet" href="{{ asset('css/app.css') }}">
</head>

<body>
  <main id="main" class="desk">
    <h1>{{ $gone ? 'You get no more of these' : 'Unsubscribe' }}</h1>
    @if ($gone)
      <p>Your address was taken off. Nothing else is to be done.</p>
    @else
      <p>One press, and you get no more of these messages.</p>
      <form method="post" action="{{ route('way-out', $token) }}"><button
          class="btn btn-stamp">Unsubscribe</button></form>
    @endif
    @if (!$isReal)
      <p class="help">This is a stand-in for a sending system: it sends to the mail tray alone.</p>
    @endif
  </main>
</body>

</html>
