<p class="house-counts" id="house-counts">
  @if ($counts['new'] > 0)
    <span>{{ trans_choice(':count person gets a card|:count people get a card', $counts['new']) }}</span>
  @endif
  <span>{{ trans_choice(':count has to take theirs again|:count have to take theirs again', $counts['again']) }}</span>
  <span>{{ trans_choice(':count need not|:count need not', $counts['same']) }}</span>
  @if ($counts['lacking'] > 0)
    <span class="chip chip-mend">{{
        trans_choice('something is missing on :count card|something is missing on :count cards',
        $counts['lacking']) }}</span>
  @endif
</p>
