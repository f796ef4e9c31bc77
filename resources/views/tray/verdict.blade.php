<span @class(['verdict', 'verdict-good' => $verdict === 'verified',
    'verdict-look' => ! in_array($verdict, ['verified', 'absent'], true)])
  >{{ __(['verified' => 'verified', 'noted' => 'arrived, look at it', 'look' => 'looks different',
      'altered' => 'not as handed over', 'old' => 'older revision',
      'plain' => 'words alone', 'quoted' => 'in the quote alone', 'absent' => 'no card'][$verdict]) }}</span>
@if ($card !== '' && $verdict !== 'absent')
  <span class="quiet">{{ $card }}</span>
@endif
