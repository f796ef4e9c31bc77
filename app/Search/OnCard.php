<?php

namespace App\Search;

use App\Models\StoredCard;
use Illuminate\Database\Eloquent\Builder;

/** Cards that are called so, or have it on them. */
final readonly class OnCard
{
    public function __construct(private Query $query)
    {
    }

    /** @param  Builder<StoredCard>  $cards */
    public function __invoke(Builder $cards): void
    {
        $like = $this->query->like();
        $cards->where(fn ($either) => $either->whereLike('name', $like)->orWhereExists(
            fn ($exists) => $exists->from('card_revisions')
                ->whereColumn('card_id', 'cards.id')
                ->whereColumn('number', 'cards.head')
                ->whereLike('document', $like),
        ));
    }
}
