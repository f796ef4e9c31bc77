<?php

namespace App\House;

use App\Banners\CardLabels;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use App\Roster\Groups;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\House\FollowHouse;
use InkyCard\House\HouseCard;
use InkyCard\House\Own;

/** The card each person has by their house card. */
final class PersonalCards
{
    private const NAME = 80;

    /**
     * Makes somebody's card what their house card makes it; inside a transaction.
     *
     * @param  HouseCard  $by  the house card's revision that counts
     * @return ?array{int, ?int, int} the card, and its revisions before and after; null where nothing changed
     */
    public static function write(
        House $house, HouseCard $by, StoredPerson $person, ?User $user, bool $theirs = false,
    ): ?array {
        $card = self::of($house->card->workspace, $person->id);
        $document = self::document($by, $person, $card, $house);
        if ($card === null) {
            $card = StoredCard::start($house->card->workspace, $document, $user, 'Follows its house card');
            $card->forceFill(['house_id' => $house->card->id, 'person_id' => $person->id])->save();
            self::label([$card->id => $person->id]);

            return [$card->id, null, $card->head];
        }
        $from = $card->head;
        if ($card->house_id !== $house->card->id || $card->archived_at !== null) {
            // What they said on another house card speaks of its pieces.
            $card->forceFill(['house_id' => $house->card->id, 'own' => null, 'archived_at' => null])->save();
        }
        $card->edit($card->head, new FollowHouse($document, $theirs), $user);

        return $card->head === $from ? null : [$card->id, $from, $card->head];
    }

    /** What somebody says on theirs otherwise. */
    public static function own(?StoredCard $card, House $house, Document $by): Own
    {
        return $card === null || $card->house_id !== $house->card->id ? Own::nothing()
            : Own::restore((array) json_decode($card->own ?? '[]', true), $by);
    }

    /** Their card by any house card; null for none. */
    public static function of(Workspace $workspace, string $person): ?StoredCard
    {
        $id = DB::table('cards')->where(['workspace_id' => $workspace->id, 'person_id' => $person])
            ->whereNotNull('house_id')->orderByRaw('archived_at is not null')->orderByDesc('id')->value('id');

        return $id === null ? null : StoredCard::in($workspace, (int) $id);
    }

    /**
     * Whoever's profile or groups changed: their cards follow, where their house card was put.
     *
     * @param  array<string>  $people  ids
     */
    public static function follow(Workspace $workspace, array $people, ?User $user, bool $theirs = false): void
    {
        $houses = [];
        foreach (StoredPerson::query()->where('workspace_id', $workspace->id)->whereIn('id', $people)
            ->get() as $person) {
            $over = House::over($person->id)[0] ?? null;
            if ($over === null || $person->removed_at !== null) {
                continue;
            }
            $houses[$over['house']] ??= self::put($workspace, $over['house']);
            [$house, $by] = $houses[$over['house']];
            if ($by !== null) {
                DB::transaction(fn () => self::write($house, $by, $person, $user, $theirs));
            }
        }
        self::label(DB::table('cards')->whereIn('person_id', $people)->whereNotNull('house_id')
            ->pluck('person_id', 'id')->map(strval(...))->all());
    }

    /**
     * Cards carry the names of their holder's groups as labels.
     *
     * @param  array<int, string>  $cards  card => person
     */
    public static function label(array $cards): void
    {
        if ($cards === []) {
            return;
        }
        $names = Groups::namesOf(array_values($cards));
        $labels = CardLabels::ofCards(array_keys($cards));
        $groups = DB::table('staff_groups')->whereIn('workspace_id', DB::table('cards')->whereIn('id',
            array_keys($cards))->select('workspace_id'))->pluck('name')->map(strval(...))->all();
        foreach ($cards as $card => $person) {
            $theirs = $names[$person] ?? [];
            $new = array_values(array_diff($theirs, $labels[$card] ?? []));
            $old = array_values(array_diff(array_intersect($labels[$card] ?? [], $groups), $theirs));
            $new === [] || CardLabels::put([$card], $new);
            $old === [] || CardLabels::take([$card], $old);
        }
    }

    /** @return array{House, ?HouseCard} */
    private static function put(Workspace $workspace, int $house): array
    {
        $house = House::find($workspace, $house);

        return [$house, $house->current()];
    }

    private static function document(HouseCard $by, StoredPerson $person, ?StoredCard $card, House $house): Document
    {
        $document = $by->cardFor($person->known(), self::own($card, $house, $by->card))->with([
            'name' => mb_strimwidth("$person->name, {$house->card->name}", 0, self::NAME, '…'),
        ]);

        // As it is kept: what is read from a document is what an edit gives back.
        return CardJson::restore(CardJson::encode($document));
    }
}
