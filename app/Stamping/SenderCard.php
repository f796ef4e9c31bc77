<?php

namespace App\Stamping;

use App\House\OwnCard;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\Workspace;
use App\Placements\Placements;
use App\Roster\Stay;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Situation;

/** The card that goes under messages from an address, and all the sender had. */
final class SenderCard
{
    /** Cards of one sender that are looked for in what they write. */
    private const FEW = 8;

    /** Seconds it is known for, and of how many cards. */
    private const KEPT = 60;

    private const MANY = 5_000;

    /** @var array<string, bool> */
    private static array $lacking = [];

    /** @param  list<StoredCard>  $all  of the sender, that card among them */
    private function __construct(public readonly StoredCard $card, public readonly array $all)
    {
    }

    /** The one placed for the address goes before the one by a house card. An outcome says why there is none. */
    public static function of(Workspace $workspace, string $address, Situation $situation): self|Outcome
    {
        $person = self::person($workspace, $address);
        if (Stay::isOver($person?->last_day, $workspace)) {
            return Outcome::Left;
        }
        $placed = Placements::at($workspace, $address);
        $all = self::all($workspace, $placed, $person?->id);
        $card = $all[$placed[$situation->value] ?? 0] ?? null;
        if ($card === null && $person !== null) {
            $card = self::byHouse($all);
            if ($card !== null && self::lacks($card, $person->id)) {
                return Outcome::Unfilled;
            }
        }

        return $card === null || $card->archived_at !== null ? Outcome::Nobody : new self($card, array_values($all));
    }

    /**
     * @param  array<string, int>  $placed
     * @return array<int, StoredCard> by number
     */
    private static function all(Workspace $workspace, array $placed, ?string $person): array
    {
        $theirs = $person === null ? [] : DB::table('cards')
            ->where(['workspace_id' => $workspace->id, 'person_id' => $person])
            ->orderByDesc('id')->limit(self::FEW)->pluck('id')->map(fn (int|string $id): int => (int) $id)->all();
        $all = [];
        foreach (array_slice(array_unique([...array_values($placed), ...$theirs]), 0, self::FEW) as $id) {
            $all[$id] = StoredCard::in($workspace, $id);
        }

        return array_filter($all);
    }

    /** @return ?\stdClass `id` and `last_day` */
    private static function person(Workspace $workspace, string $address): ?\stdClass
    {
        return DB::table('person_addresses')->join('people', 'people.id', 'person_id')
            ->where(['person_addresses.workspace_id' => $workspace->id, 'person_addresses.address' => $address])
            ->whereNull('removed_at')->first(['people.id', 'last_day']);
    }

    /**
     * The newest of theirs that follows a house card.
     *
     * @param  array<int, StoredCard>  $all
     */
    private static function byHouse(array $all): ?StoredCard
    {
        $following = array_filter($all, fn (StoredCard $card): bool => $card->house_id !== null
            && $card->archived_at === null);
        ksort($following);

        return end($following) ?: null;
    }

    /** Whether what has to be filled in is not; told once for a revision, and again when that is some time ago. */
    private static function lacks(StoredCard $card, string $person): bool
    {
        $key = "$card->id $card->head ".intdiv(now()->getTimestamp(), self::KEPT);
        if (count(self::$lacking) > self::MANY) {
            self::$lacking = [];
        }

        return self::$lacking[$key] ??= (OwnCard::of(StoredPerson::query()->findOrFail($person))?->lacking()
            ?? []) !== [];
    }
}
