<x-layouts.page title="A stand-in">
  <main id="main" class="narrow">
    <h1>A stand-in</h1>
    <p>It takes the place of a provider that knows who you are, and believes whatever it is told. Addresses under
      .example belong to nobody.</p>
    <form method="get" class="stack">
      @foreach ($asked as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
      @endforeach
      <div class="field"><label for="as">You are</label><input class="form-control" id="as" name="as" type="email"
          value="maren@quillfern.example" autocomplete="off" required></div>
      <button class="btn btn-stamp">Go on</button>
    </form>
  </main>
</x-layouts.page>
