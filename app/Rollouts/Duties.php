<?php

namespace App\Rollouts;

use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use InkyCard\Brand\Brand;
use InkyCard\Card\MissingCompliance;

/** People's cards held against what the brand's trade rules ask of them. */
final readonly class Duties
{
    private Brand $rules;

    public function __construct(private Workspace $workspace)
    {
        $this->rules = StoredBrand::in($workspace)->document();
    }

    /** What a card lacks; null for nothing. */
    public function lacks(StoredCard $card): ?MissingCompliance
    {
        return $this->rules->rules === [] ? null : MissingCompliance::missing($card->document(), $this->rules);
    }

    /** @return Builder people with a card by a house card, by name: `name`, `address`, `person_id`, `card_id` */
    public function people(): Builder
    {
        return DB::table('people')->join('cards', 'cards.person_id', 'people.id')->whereNotNull('house_id')
            ->whereNull('archived_at')->whereNull('removed_at')->where('people.workspace_id', $this->workspace->id)
            ->orderBy('people.name')->orderBy('people.id')
            ->select(['people.name', 'address', 'people.id as person_id', 'cards.id as card_id']);
    }

    /**
     * @param  iterable<int, \stdClass>  $people
     * @return \Generator<int, array{\stdClass, ?MissingCompliance}>
     */
    public function of(iterable $people): \Generator
    {
        foreach ($people as $one) {
            $card = StoredCard::in($this->workspace, (int) $one->card_id);
            yield [$one, $card === null ? null : $this->lacks($card)];
        }
    }

    public function areThere(): bool
    {
        return $this->rules->rules !== [];
    }
}
