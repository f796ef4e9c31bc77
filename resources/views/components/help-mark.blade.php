<details class="help-mark"><summary aria-label="What is this? {{ __($found->title) }}">?</summary>
  <p>{{ __($found->says) }}</p>
</details>
