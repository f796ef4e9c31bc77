@props(['title', 'nav' => null])
@inject('in', 'App\Words\Locality')
<!DOCTYPE html>
<html lang="{{ $in->language }}" dir="{{ $in->direction() }}" data-region="{{ $in->region }}"
  data-zone="{{ $in->zone }}">

<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <title translate="no">{{ $title }} · Inky Card</title>
  <link rel="icon" href="{{ asset('mark.svg') }}" type="image/svg+xml">
  <link rel="stylesheet" href="{{ asset('vendor/bootstrap.min.css') }}">
  <link rel="stylesheet" href="{{ asset('css/app.css') }}">
  @if ($nav === 'campaigns')
    {{-- A footer and a letter are made as a banner is. --}}
    <link rel="stylesheet" href="{{ asset('css/banners.css') }}">
  @endif
  @if (in_array($nav, ['banners', 'brand', 'campaigns', 'clicks', 'people', 'tray'], true))
    <link rel="stylesheet" href="{{ asset("css/$nav.css") }}">
  @endif
  @if ($said = App\Words\ScriptWords::said())
    <script type="application/json" id="words">{!! Js::encode($said) !!}</script>
  @endif
  {{ $head ?? '' }}
  {{-- All typefaces a page uses, behind its styles: one that came later would have it laid out again. --}}
  @foreach (['instrument-sans-latin', 'fraunces-latin', ...auth()->check() ? ['ibm-plex-mono-latin'] : []] as $font)
    <link rel="preload" href="{{ asset("vendor/fonts/$font.woff2") }}" as="font" type="font/woff2" crossorigin>
  @endforeach
  @auth
  <script type="module" src="{{ asset('js/page.js') }}"></script>@endauth
</head>

<body {{ $attributes }}>
  <a class="skip" href="#main">Skip to the page</a>
  <header class="bar">
    <a class="brand" href="/" translate="no"><img src="{{ asset('mark.svg') }}" alt="" width="28" height="20">
      Inky Card</a>
    @auth
      <nav class="tabs" aria-label="Main">
        @foreach (['cards' => ['Cards', 'see'], 'banners' => ['Banners', 'make'], 'people' => ['People', 'people'],
            'campaigns' => ['Campaigns', 'make'], 'brand' => ['Brand', 'make'], 'pictures' => ['Pictures', 'make'],
            'clicks' => ['Clicks', 'see'], 'tray' => ['Mail tray', 'hand-over']] as $place => [$label, $asks])
          @continue(auth()->user()->cannot($asks))
          <a href="/{{ $place }}" @class(['tab', 'on' => $nav === $place])
            @if ($nav === $place) aria-current="page" @endif>{{ __($label) }}</a>
        @endforeach
      </nav>
      <div class="bar-end">
        <a class="find-open" href="/find"><kbd>/</kbd><span> find anything</span></a>
        @if (($workspace->guest_until ?? null) !== null)
          <a class="bar-guest" href="{{ route('claim') }}">Kept until
              {{ Moments::day($workspace->guest_until, 'short') }}: keep
            it for good</a>
        @else
          <span class="bar-workspace">{{ $workspace->name ?? '' }}</span>
        @endif
        <details class="menu">
          <summary aria-label="Account of {{ auth()->user()->name }}"><x-icon name="person-circle" /></summary>
          <div class="menu-sheet">
            <p>{{ auth()->user()->name }}, {{ auth()->user()->role()->value ?? '' }}<br><span
                class="measure">{{ auth()->user()->email }}</span></p>
            @if (!auth()->user()->isGuest())
              <a class="btn btn-plain" href="{{ route('account') }}">Your account</a>
            @endif
            @can('run')
              <a class="btn btn-plain" href="{{ route('settings') }}">Settings</a>
              <a class="btn btn-plain" href="{{ route('members') }}">Members</a>
            @endcan
            @if ($eyes ?? null)
              <form method="post" action="{{ route('account.eyes') }}" class="eyes">@csrf
                <p class="help">This is the demo: look through the eyes of</p>
                @foreach ($eyes() as $one)
                  @continue($one->id === auth()->id())
                  <button class="btn btn-plain" name="member" value="{{ $one->id }}">{{ $one->name }},
                    {{ $one->pivot->role }}</button>
                @endforeach
              </form>
            @endif
            <a class="btn btn-plain" href="{{ route('help') }}">What things mean</a>
            @if (auth()->user()->isGuest())
              <a class="btn btn-plain" href="{{ route('claim') }}">Keep it for good</a>
            @endif
            <form method="post" action="{{ route('sign-out') }}">@csrf<button
                class="btn btn-plain">{{ auth()->user()->isGuest() ? 'Leave, and lose it' : 'Sign out' }}</button>
            </form>
          </div>
        </details>
      </div>
    @else
      <div class="bar-end">{{ $end ?? '' }}</div>
    @endauth
  </header>
  {{ $slot }}
  @auth
    <dialog id="finder" aria-label="Find anything">
      <form action="/find" role="search"><input class="form-control" type="search" name="q"
          aria-label="Find anything" placeholder="A card, a piece, a picture, a place" autocomplete="off"
          aria-controls="finder-found"></form>
      <div id="finder-found" aria-live="polite"></div>
    </dialog>
  @endauth
</body>

</html>
