<?php

namespace App\House;

use App\Models\StoredCard;
use App\Models\StoredPerson;
use Illuminate\Support\Collection;
use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Compose\PictureNames;
use InkyCard\House\HouseCard;
use InkyCard\House\HouseChange;
use InkyCard\House\Own;

/** What a house card, as it is drafted, does to the card of each who follows it. */
final readonly class HouseReview
{
    public const NEW = 'new';

    public const AGAIN = 'again';

    public const SAME = 'same';

    private const EACH = 500;

    private HouseCard $is;

    private ?HouseCard $was;

    private ?HouseChange $change;

    public function __construct(private House $house)
    {
        $this->is = $house->draft();
        $this->was = $house->current();
        $this->change = $this->was === null ? null : new HouseChange($this->was, $this->is, new PictureNames);
    }

    /** @return array<string, int> people: `new`, `again`, `same` and `lacking` */
    public function counts(): array
    {
        $counts = [self::NEW => 0, self::AGAIN => 0, self::SAME => 0, 'lacking' => 0];
        foreach ($this->house->followers()->orderBy('people.id')->lazyById(self::EACH, 'people.id', 'id')
            ->chunk(self::EACH) as $people) {
            $cards = $this->cards($people->collect());
            foreach ($people as $person) {
                $card = $cards[$person->id] ?? null;
                $counts[$this->state($person, $card)]++;
                $counts['lacking'] += $this->lacking($person, $card) === [] ? 0 : 1;
            }
        }

        return $counts;
    }

    /**
     * @param  Collection<int, StoredPerson>  $people
     * @return array<int, array{person: StoredPerson, card: ?\stdClass, state: string, lacking: list<string>}> labels of
     *     what has to be filled in, and is not
     */
    public function of(Collection $people): array
    {
        $cards = $this->cards($people);

        return $people->values()->map(fn (StoredPerson $person): array => [
            'person' => $person, 'card' => $cards[$person->id] ?? null,
            'state' => $this->state($person, $cards[$person->id] ?? null),
            'lacking' => array_map(
                fn (Piece $piece): string => $piece->kind->label(),
                $this->lacking($person, $cards[$person->id] ?? null),
            ),
        ])->all();
    }

    private function state(StoredPerson $person, ?\stdClass $card): string
    {
        if ($card === null || $this->change === null || $this->was === null) {
            return self::NEW;
        }
        $own = (array) json_decode($card->own ?? '[]', true);

        return $this->change->touches($person->known(), Own::restore($own, $this->was->card),
            Own::restore($own, $this->is->card)) ? self::AGAIN : self::SAME;
    }

    /** @return list<Piece> */
    private function lacking(StoredPerson $person, ?\stdClass $card): array
    {
        return $this->is->lacking(
            $person->known(), Own::restore((array) json_decode($card->own ?? '[]', true), $this->is->card),
        );
    }

    /**
     * @param  Collection<int, StoredPerson>  $people
     * @return array<string, \stdClass> person => their card by this house card: `id`, `head`, `own`
     */
    private function cards(Collection $people): array
    {
        return StoredCard::query()->toBase()->where('house_id', $this->house->card->id)->whereNull('archived_at')
            ->whereIn('person_id', $people->pluck('id'))->orderBy('id')->get(['id', 'head', 'own', 'person_id'])
            ->keyBy('person_id')->all();
    }

    /** Somebody's card as the draft makes it. */
    public function drafted(StoredPerson $person): Card
    {
        $card = $this->cards(collect([$person]))[$person->id] ?? null;

        return $this->is->cardFor(
            $person->known(), Own::restore((array) json_decode($card->own ?? '[]', true), $this->is->card),
        );
    }
}
