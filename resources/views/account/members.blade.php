<x-layouts.page title="Members">
  <main id="main" class="desk account">
    <div class="desk-head">
      <h1>Members</h1>
      <p class="quiet">Who may do what in {{ $workspace->name }}.</p>
    </div>
    <x-told />
    <ul class="rows members">
      @foreach ($members as $member)
        <li><span><strong>{{ $member->name }}</strong> <span class="quiet">{{ $member->email }}</span></span>
          <form method="post" action="{{ route('members.role', $member->id) }}" class="with-button">@csrf
            <select class="form-select" name="role" aria-label="What {{ $member->name }} may do">
              @foreach ($roles as $role)
                <option value="{{ $role->value }}" @selected($member->pivot->role === $role->value)>{{ $role->value }}:
                  {{ __($role->says()) }}</option>
              @endforeach
            </select><button class="btn btn-line">Change</button></form>
          <form method="post" action="{{ route('members.remove', $member->id) }}">@csrf<button class="btn-words"
              aria-label="{{ $member->id === auth()->id() ? 'Leave' : "Take out $member->name" }}">{{ $member->id ===
              auth()->id() ? 'Leave' : 'Take out' }}</button></form>
        </li>
      @endforeach
      @foreach ($invited as $one)
        <li><span><strong>{{ $one->email }}</strong> <span class="quiet">invited as {{ $one->role->value }} on
              {{ Moments::day($one->sent) }}</span></span>
          <form method="post" action="{{ route('members.invite') }}">@csrf<input type="hidden" name="email"
              value="{{ $one->email }}"><button class="btn-words" name="role" value="{{ $one->role->value }}">Send it
              again</button></form>
          <form method="post" action="{{ route('members.withdraw', $one->id) }}">@csrf<button class="btn-words"
              aria-label="Withdraw the invitation of {{ $one->email }}">Withdraw</button></form>
        </li>
      @endforeach
    </ul>
    <x-pages :list="$members" />
    <h2>Ask somebody to come</h2>
    <form method="post" action="{{ route('members.invite') }}" class="stack invite">@csrf
      <x-typed name="email" type="email" label="Their mail address" :value="old('email', '')" autocomplete="off"
        required />
      <div class="field"><label for="invite-role">As</label>
        <select class="form-select" id="invite-role" name="role">
          @foreach ($roles as $role)
            <option value="{{ $role->value }}" @selected(old('role', 'maker') === $role->value)>{{ $role->value }}:
              {{ __($role->says()) }}</option>
          @endforeach
        </select><x-help topic="role" /></div>
      <button class="btn btn-stamp">Send an invitation</button>
    </form>
  </main>
</x-layouts.page>
