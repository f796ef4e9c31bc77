{{-- The links of a piece that shows profiles, one a row: its mark, who it leads to, whose it is. --}}
@php($card = $bench->card->id)
<div id="links-{{ $piece->id }}" class="profile-rows" @isset($swap) hx-swap-oob="morph" @endisset>
  @if ($rows = $bench->profiles($piece))
    <ol data-links="{{ route('edit.links', [$card, $piece->id, 'place']) }}">
      @foreach ($rows as $row)
        @php($one = ['card' => $card, 'piece' => $piece->id, 'link' => $row->line])
        @php($id = $row->id($piece->id))
        <li class="profile" id="link-{{ $id }}" data-link="{{ $row->line }}">
          <span class="link-grasp" aria-hidden="true"><x-icon name="chevron-expand" /></span>
          @if ($row->mark)
            <img src="{{ $row->mark }}" width="24" height="24" alt="">
          @endif
          <a class="profile-who" id="more-{{ $id }}" href="{{ route('profile', $one) }}"
            hx-get="{{ route('profile', $one) }}" hx-target="#panel-{{ $id }}" hx-swap="innerHTML"
            hx-select="#profile" data-unfolds="panel-{{ $id }}" aria-expanded="false"
            title="Name, mark, and where it leads">{{ $row->who() }}
            <span class="profile-opens">{{ $row->opens() }}</span></a>
          <span class="whose">{{ $row->firms ? 'firm’s' : 'mine' }}</span>
          <button class="btn btn-plain btn-icon" id="off-{{ $id }}" form="edit"
            formaction="{{ route('edit.links', $one + ['how' => 'remove']) }}"
            aria-label="Take {{ $row->link->label }} off" title="Take off"><x-icon name="x-lg" /></button>
          <div class="profile-panel" id="panel-{{ $id }}"></div>
        </li>
      @endforeach
    </ol>
  @endif
</div>
