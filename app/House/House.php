<?php

namespace App\House;

use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use App\Roster\Stay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\BeginHouse;
use InkyCard\House\HouseCard;
use InkyCard\Refusal;

/** A card groups follow: what is put is what people have, what was made since is a draft. */
final readonly class House
{
    /** @param  ?int  $put  revision people follow; null before the first */
    private function __construct(public StoredCard $card, public ?int $put, public ?string $putAt)
    {
    }

    /** @return Collection<int, self> those of a workspace, the oldest first */
    public static function of(Workspace $workspace): Collection
    {
        return DB::table('houses')->where('workspace_id', $workspace->id)->orderBy('card_id')->get()
            ->map(fn (\stdClass $row): self => self::ofRow($workspace, $row));
    }

    /** One of the workspace; 404 for what is none of its house cards. */
    public static function find(Workspace $workspace, int $card): self
    {
        $row = DB::table('houses')->where(['workspace_id' => $workspace->id, 'card_id' => $card])->first();

        return $row === null ? abort(404) : self::ofRow($workspace, $row);
    }

    /** @throws Refusal for a card that follows one */
    public static function begin(StoredCard $card, User $user): self
    {
        if ($card->house_id !== null) {
            throw Refusal::because('This card follows a house card: copy it, and make one of the copy.');
        }
        DB::transaction(function () use ($card, $user): void {
            $card->edit($card->head, new BeginHouse, $user);
            DB::table('houses')->insertOrIgnore([
                'card_id' => $card->id, 'workspace_id' => $card->workspace_id, 'created_at' => (string) now(),
            ]);
        });

        return self::find($card->workspace, $card->id);
    }

    /** A house card no more: people's cards stay as they are, and are their own. */
    public function end(): void
    {
        DB::transaction(function (): void {
            DB::table('cards')->where('house_id', $this->card->id)->update(['house_id' => null]);
            DB::table('staff_groups')->where('house_id', $this->card->id)->update(['house_id' => null]);
            DB::table('houses')->where('card_id', $this->card->id)->delete();
        });
    }

    public function draft(): HouseCard
    {
        return HouseCard::of(CardJson::restore($this->card->revision()->document));
    }

    /** As people follow it; null where it was never put. */
    public function current(): ?HouseCard
    {
        return $this->put === null ? null : $this->at($this->put);
    }

    public function at(int $revision): ?HouseCard
    {
        $found = $this->card->revisionAt($revision);

        return $found === null ? null : HouseCard::of(CardJson::restore($found->document));
    }

    public function isDrafted(): bool
    {
        return $this->put !== null && $this->card->head !== $this->put
            && $this->card->revisionAt($this->put)?->document !== $this->card->revision()->document;
    }

    /** @return Builder<StoredPerson> who follows it: of somebody's groups with a house card, the first counts */
    public function followers(): Builder
    {
        $firm = $this->card->workspace;

        return Stay::here(StoredPerson::query()->where('people.workspace_id', $firm->id), $firm)
            ->whereNull('removed_at')->where('name', '!=', '')->where(self::first(...), '=', $this->card->id);
    }

    /** Of a person (`people.id`): the house card of the first of their groups that has one. */
    public static function first(QueryBuilder $query): void
    {
        $query->from('group_people')->join('staff_groups', 'staff_groups.id', 'group_id')
            ->whereColumn('person_id', 'people.id')->whereNotNull('house_id')->orderBy('position')
            ->orderBy('staff_groups.id')->limit(1)->select('house_id');
    }

    /**
     * The house cards somebody's groups follow, the one that counts first.
     *
     * @return array<int, array{house: int, group: string}>
     */
    public static function over(string $person): array
    {
        return array_map(
            fn (\stdClass $row): array => ['house' => (int) $row->house_id, 'group' => (string) $row->name],
            DB::table('group_people')->join('staff_groups', 'staff_groups.id', 'group_id')
                ->where('person_id', $person)->whereNotNull('house_id')->orderBy('position')
                ->orderBy('staff_groups.id')->get(['house_id', 'name'])->values()->all(),
        );
    }

    private static function ofRow(Workspace $workspace, \stdClass $row): self
    {
        return new self(
            StoredCard::in($workspace, (int) $row->card_id) ?? abort(404),
            $row->put === null ? null : (int) $row->put, $row->put_at,
        );
    }
}
