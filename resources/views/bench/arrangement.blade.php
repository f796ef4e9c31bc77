<x-edit-form id="arrangement" :to="route('edit.rearrange', $bench->card->id)" :card="$bench->card" :open="$open"
  class="arrangement" :hx-swap-oob="isset($swap) ? 'morph' : null">
  <label for="arrangement-choice">Arrangement</label>
  <select class="form-select" id="arrangement-choice" name="arrangement"
    title="{{ __($bench->document->arrangement->purpose) }}">
    @foreach ($bench->arrangements() as $arrangement)
      <option value="{{ $arrangement->key }}" @selected($arrangement->key === $bench->document->arrangement->key)>{{
          __($arrangement->label) }}</option>
    @endforeach
  </select>
  <a class="looks-open" href="{{ route('looks', $bench->card->id) }}"
    title="See this card in every arrangement and look" aria-label="See this card in every arrangement and look"><x-icon
      name="grid" /></a>
  <a class="looks-open" href="{{ route('forms', $bench->card->id) }}" title="Forms for replies and phones"
    aria-label="Forms for replies and phones"><x-icon name="layout-split" /></a>
  <noscript><button class="btn btn-line">Keep</button></noscript>
</x-edit-form>
