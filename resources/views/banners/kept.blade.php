<h1 id="banner-name" @isset($swap) hx-swap-oob="true" @endisset>{{ $banner->name() }}</h1>
<p class="measure" id="kept" @isset($swap) hx-swap-oob="true" @endisset data-number="{{ $stored->number }}">
  {{ $banner->size->words() }} · kept {{ $stored->updated_at->format('H:i') }} ·
  @if ($stored->put === null)
    not put out yet
  @elseif($stored->isPutOut())
    readers see this
  @else
    readers see it as of {{ $stored->put_at->format('j M H:i') }}
  @endif
</p>
