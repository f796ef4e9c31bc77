<h1 id="banner-name" @isset($swap) hx-swap-oob="true" @endisset>{{ $banner->name() }}</h1>
<p class="measure" id="kept" @isset($swap) hx-swap-oob="true" @endisset data-number="{{ $stored->number }}">
  {{ $banner->size->words() }} · kept {{ Moments::time($stored->updated_at) }} ·
  @if ($stored->put === null)
    not put out yet
  @elseif($stored->isPutOut())
    readers see this
  @else
    readers see it as of {{ Moments::at($stored->put_at, 'short') }}
  @endif
</p>
