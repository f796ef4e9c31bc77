<details class="help-mark"><summary aria-label="What is this? {{ $found->title }}">?</summary>
  <p>{{ $found->says }}</p>
</details>
