{{-- What was done, and the way back where there is one: `back` of the session is the address that restores it. --}}
@if (session('told'))
  <div {{ $attributes->class('told') }} role="status">{{ session('told') }} {{ $slot }}
    @if (session('back'))
      <form method="post" action="{{ session('back') }}" class="inline">@csrf<button
          class="btn-words">Bring it back</button></form>
    @endif
  </div>
@endif
