<?php

namespace App\Placements;

use App\Handover\InUse;
use App\Models\StoredCard;
use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Situation;

/** Which card goes under messages from which address: one for each address and situation. */
final class Placements
{
    /** @return ?string name of the card that stood there before, if another */
    public static function put(StoredCard $card, string $address, Situation ...$situations): ?string
    {
        $other = null;
        foreach ($situations as $situation) {
            $at = self::from($address) + ['workspace_id' => $card->workspace_id, 'situation' => $situation->value];
            $name = DB::table('cards')
                ->whereIn('id', DB::table('placements')->where($at)->select('card_id'))
                ->where('id', '!=', $card->id)
                ->value('name');
            $other = is_string($name) ? $name : $other;
            DB::table('placements')->updateOrInsert($at, ['card_id' => $card->id]);
        }
        InUse::at($card, $address);

        return $other;
    }

    /** Takes the card away from there, if it is there. */
    public static function take(StoredCard $card, string $address, Situation ...$situations): void
    {
        self::of($card)
            ->where(self::from($address))
            ->whereIn('situation', array_map(fn (Situation $situation) => $situation->value, $situations))
            ->delete();
        if (self::of($card)->where(self::from($address))->doesntExist()) {
            InUse::left($card, $address);
        }
    }

    /** The card for messages from an address; null for none. */
    public static function card(Workspace $workspace, string $address, Situation $situation): ?StoredCard
    {
        $id = self::in($workspace)->where(self::from($address) + ['situation' => $situation->value])->value('card_id');

        return $id === null ? null : StoredCard::in($workspace, (int) $id);
    }

    /** @return array<string, int> ids of the cards for messages from an address, by situation */
    public static function at(Workspace $workspace, string $address): array
    {
        return self::in($workspace)->where(self::from($address))->pluck('card_id', 'situation')
            ->map(fn (int|string $id): int => (int) $id)->all();
    }

    /** @return list<int> ids of the cards for messages from an address, whatever the situation */
    public static function cardsFor(Workspace $workspace, string $address): array
    {
        $ids = self::in($workspace)->where(self::from($address))->pluck('card_id')->all();

        return array_values(array_map(intval(...), array_filter($ids, is_numeric(...))));
    }

    /**
     * @param  array<int>  $cards  ids
     * @return Collection<array-key, Collection<int, \stdClass>> by card: `address`, `situation`
     */
    public static function ofCards(Workspace $workspace, array $cards): Collection
    {
        return self::in($workspace)->whereIn('card_id', $cards)->orderBy('address')->get()->groupBy('card_id');
    }

    /** @return Collection<int, \stdClass> all: `address`, `situation`, `name` of the card; by address */
    public static function first(Workspace $workspace, int $most): Collection
    {
        return self::named($workspace)->orderBy('address')->limit($most)->get(['address', 'situation', 'cards.name']);
    }

    /** @return LengthAwarePaginator<int, \stdClass> every address once: `address` */
    public static function addresses(Workspace $workspace, int $each): LengthAwarePaginator
    {
        return self::in($workspace)->select('address')->distinct()->orderBy('address')->paginate($each);
    }

    /**
     * @param  array<mixed>  $addresses
     * @return array<string, Collection<array-key, \stdClass>> address => situation => `card_id` and its `name`
     */
    public static function table(Workspace $workspace, array $addresses): array
    {
        return self::named($workspace)
            ->whereIn('address', $addresses)
            ->get(['address', 'situation', 'card_id', 'cards.name'])
            ->groupBy('address')
            ->map(fn (Collection $rows) => $rows->keyBy('situation'))
            ->all();
    }

    private static function in(Workspace $workspace): Builder
    {
        return DB::table('placements')->where('placements.workspace_id', $workspace->id);
    }

    private static function of(StoredCard $card): Builder
    {
        return DB::table('placements')->where(['workspace_id' => $card->workspace_id, 'card_id' => $card->id]);
    }

    private static function named(Workspace $workspace): Builder
    {
        return self::in($workspace)->join('cards', 'cards.id', 'card_id');
    }

    /** @return array{address: string} as addresses are kept: in small letters, whoever writes them how */
    private static function from(string $address): array
    {
        return ['address' => mb_strtolower($address)];
    }
}
