<span @class([
    'verdict',
    'verdict-good' => $check->verdict->isGood(),
    'verdict-look' => !$check->verdict->isGood(),
])>{{ $check->words }}</span> <span class="measure">{{ $check->status }}
  {{ $check->milliseconds }}
  ms{{ $check->redirects ? ', ' . trans_choice(':count redirect|:count redirects', count($check->redirects)) :
      '' }}{{ $check->final !== $check->address ? ' to ' . Str::limit($check->final, 120) : '' }}</span>
