<x-layouts.page title="Banners" nav="banners">
  <main id="main" class="desk">
    <div class="desk-head">
      <h1>Banners</h1>
      <p class="quiet">What is due where, and when. Signatures already sent follow it.</p>
      <form method="post" action="{{ route('banners.store') }}" class="inline ms-end">@csrf<button
          class="btn btn-stamp">Make a banner</button></form>
    </div>
    @if (session('told'))
      <div class="told" role="status">{{ session('told') }} @if (session('removed'))
          <form method="post" action="{{ route('banner.restore', session('removed')) }}" class="inline">@csrf<button
              class="btn-words">Bring it back</button></form>
        @endif
      </div>
    @endif
    @if ($banners->isEmpty())
      <div class="empty">
        <h2>No banner yet</h2>
        <p>Write what is on, and see it in every design with your inks.</p>
      </div>
    @endif
    <ul class="banners">
      @foreach ($banners as $stored)
        @php($banner = $stored->banner())
        <li><a href="{{ route('banner', $stored->id) }}" class="banner-tile"><img
              src="{{ route('banner.picture', [$stored->id, 'v' => $stored->number], false) }}" alt="" loading="lazy"
              width="{{ $banner->size->width }}" height="{{ $banner->size->height }}"><span
              class="card-name">{{ $banner->name() }}</span></a>
          <p class="measure">{{ $banner->size->words() }}</p>
        </li>
      @endforeach
    </ul>
    <form method="post" action="{{ route('banners.store') }}" enctype="multipart/form-data" class="with-button">@csrf
      <label for="banner-file">A picture that is a banner already</label><input class="form-control" type="file"
        id="banner-file" name="file" accept="image/jpeg,image/png,image/gif,image/webp,image/svg+xml"><button
        class="btn btn-line">Bring it in</button>
      @error('file')
        <p class="field-error" role="alert">{{ $message }}</p>
      @enderror
    </form>
    <x-pages :list="$banners" />
  </main>
</x-layouts.page>
