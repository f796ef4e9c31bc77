<x-layouts.page title="Keep it for good">
  <main id="main" class="narrow">
    <h1>Keep it for good</h1>
    <form method="post" action="{{ $here }}" class="stack">@csrf
      @if ($known)
        <p>{{ $known->name }}, {{ $email }}</p>
        <fieldset class="field"><legend>Where the cards go</legend>
          @foreach ($workspaces as $one)
            <label class="check"><input type="radio" name="into" value="{{ $one->id }}" @checked($loop->first)>
              into {{ $one->name }}</label>
          @endforeach
          <label class="check"><input type="radio" name="into" value="0" @checked($workspaces === [])> into a workspace
            of their own</label>
        </fieldset>
      @else
        <p>{{ $email }} signs in here from now on: by a link, or a password where you want one.</p>
        <div class="field"><label for="name">What you are called</label><input class="form-control" id="name"
            name="name" autocomplete="name" maxlength="80"></div>
      @endif
      <button class="btn btn-stamp">Keep them</button>
    </form>
  </main>
</x-layouts.page>
