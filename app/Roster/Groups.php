<?php

namespace App\Roster;

use App\Models\Workspace;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Groups of people: they set the labels of their cards, and which house card these follow. */
final class Groups
{
    private const LONGEST = 40;

    private const MOST = 200;

    /** @return Collection<int, \stdClass> in their order, each with `people`: how many are in it */
    public static function of(Workspace $workspace): Collection
    {
        return DB::table('staff_groups')->where('workspace_id', $workspace->id)->orderBy('position')->orderBy('id')
            ->select('staff_groups.*')
            ->selectSub(
                DB::table('group_people')->whereColumn('group_id', 'staff_groups.id')
                    ->join('people', 'people.id', 'person_id')->whereNull('removed_at')->selectRaw('count(*)'),
                'people',
            )->get();
    }

    /**
     * The group of a name, made where there is none.
     *
     * @throws Refusal
     */
    public static function named(Workspace $workspace, string $name): int
    {
        $name = Refusal::at('/group', fn () => CleanText::of($name, self::LONGEST, 'group'));
        $name !== '' || throw Refusal::because('Give the group a name.', '/group');
        $groups = DB::table('staff_groups')->where('workspace_id', $workspace->id);
        $known = (clone $groups)->whereRaw('lower(name) = ?', [mb_strtolower($name)])->orWhere(
            fn ($query) => $query->where(['workspace_id' => $workspace->id, 'name' => $name]),
        )->value('id');
        if (is_numeric($known)) {
            return (int) $known;
        }
        if ((clone $groups)->count() >= self::MOST) {
            throw Refusal::because('There are :most groups already.', '/group', ['most' => self::MOST]);
        }

        return DB::table('staff_groups')->insertGetId([
            'workspace_id' => $workspace->id, 'name' => $name, 'position' => (int) $groups->max('position') + 1,
        ]);
    }

    /** @param  array<string>  $people  ids */
    public static function put(int $group, array $people): void
    {
        foreach (array_chunk(array_values($people), 400) as $some) {
            DB::table('group_people')->insertOrIgnore(array_map(
                fn (string $person): array => ['group_id' => $group, 'person_id' => $person], $some,
            ));
        }
    }

    /** @param  array<string>  $people  ids */
    public static function take(int $group, array $people): void
    {
        foreach (array_chunk(array_values($people), 400) as $some) {
            DB::table('group_people')->where('group_id', $group)->whereIn('person_id', $some)->delete();
        }
    }

    /** Puts one before the group it follows: of two house cards, that of the first group counts. */
    public static function raise(Workspace $workspace, \stdClass $group): void
    {
        $before = DB::table('staff_groups')->where('workspace_id', $workspace->id)
            ->where('position', '<', $group->position)->orderByDesc('position')->first();
        if ($before !== null) {
            DB::transaction(function () use ($group, $before): void {
                DB::table('staff_groups')->where('id', $group->id)->update(['position' => $before->position]);
                DB::table('staff_groups')->where('id', $before->id)->update(['position' => $group->position]);
            });
        }
    }

    /** @throws Refusal */
    public static function rename(Workspace $workspace, \stdClass $group, string $name): void
    {
        $name = CleanText::of($name, self::LONGEST, 'group');
        $same = DB::table('staff_groups')->where('workspace_id', $workspace->id)->where('id', '!=', $group->id)
            ->where('name', $name)->exists();
        if ($name === '' || $same) {
            throw Refusal::because($name === '' ? 'Give the group a name.' : 'There is a group of this name.');
        }
        DB::table('staff_groups')->where('id', $group->id)->update(['name' => $name]);
    }

    /**
     * Which house card its people's cards follow; 0 for none.
     *
     * @return list<string> its people
     */
    public static function followed(Workspace $workspace, \stdClass $group, int $house): array
    {
        $known = DB::table('houses')->where(['workspace_id' => $workspace->id, 'card_id' => $house])->exists();
        DB::table('staff_groups')->where('id', $group->id)->update(['house_id' => $known ? $house : null]);

        return array_values(array_map(
            strval(...), DB::table('group_people')->where('group_id', $group->id)->pluck('person_id')->all(),
        ));
    }

    /** Its people stay; only the group goes. */
    public static function remove(\stdClass $group): void
    {
        DB::table('staff_groups')->where('id', $group->id)->delete();
    }

    /**
     * The groups somebody is in, as a form says them: those chosen, and one more by its name.
     *
     * @param  array<string>  $names  of groups there are
     *
     * @throws Refusal
     */
    public static function set(Workspace $workspace, string $person, array $names, string $more): void
    {
        $wanted = DB::table('staff_groups')->where('workspace_id', $workspace->id)->whereIn('name', $names)
            ->pluck('id');
        if (trim($more) !== '') {
            $wanted->push(self::named($workspace, $more));
        }
        DB::transaction(function () use ($wanted, $person): void {
            DB::table('group_people')->where('person_id', $person)->whereNotIn('group_id', $wanted)->delete();
            $wanted->each(fn (mixed $group) => self::put((int) $group, [$person]));
        });
    }

    /** One of the workspace; 404 for another's. */
    public static function find(Workspace $workspace, int $group): \stdClass
    {
        return DB::table('staff_groups')->where(['workspace_id' => $workspace->id, 'id' => $group])->first()
            ?? abort(404);
    }

    /**
     * @param  array<string>  $people  ids
     * @return array<string, list<string>> person => names of their groups, in order
     */
    public static function namesOf(array $people): array
    {
        $names = [];
        foreach (DB::table('group_people')->join('staff_groups', 'staff_groups.id', 'group_id')
            ->whereIn('person_id', $people)->orderBy('position')->get(['person_id', 'name']) as $row) {
            $names[$row->person_id][] = $row->name;
        }

        return $names;
    }
}
