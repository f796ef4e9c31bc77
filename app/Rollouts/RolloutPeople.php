<?php

namespace App\Rollouts;

use App\Models\Rollout;
use App\Models\Workspace;
use App\Roster\Stay;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Who is on a rollout, and who came since and could be. */
final class RolloutPeople
{
    /**
     * Those who are here, of a group or all.
     *
     * @param  int  $group  0 for everybody
     */
    public static function of(Workspace $workspace, int $group): Builder
    {
        $people = Stay::here(DB::table('people')->where('people.workspace_id', $workspace->id)->whereNull('removed_at')
            ->where('people.name', '!=', ''), $workspace);

        return $group === 0 ? $people : $people->whereIn('people.id', DB::table('group_people')
            ->join('staff_groups', 'staff_groups.id', 'group_id')->where('staff_groups.workspace_id', $workspace->id)
            ->where('group_id', $group)->select('person_id'));
    }

    /** Those it is for, and who are not on it. */
    public static function others(Rollout $rollout): Builder
    {
        return self::of($rollout->workspace, (int) $rollout->group_id)->whereNotExists(fn (Builder $query) => $query
            ->from('rollout_people')->where('rollout_id', $rollout->id)->whereColumn('person_id', 'people.id'));
    }

    /**
     * How many could be on it, too.
     *
     * @param  int  $on  how many are
     */
    public static function countOthers(Rollout $rollout, int $on): int
    {
        // Where no more are there than are on it, nobody needs to be looked for.
        $there = $rollout->group_id === null
            ? DB::table('people')->where('workspace_id', $rollout->workspace_id)->whereNull('removed_at')->count()
            : DB::table('group_people')->where('group_id', $rollout->group_id)->count();

        return $there <= $on ? 0 : self::others($rollout)->count();
    }

    /** @param  iterable<mixed>  $people  ids */
    public static function join(Rollout $rollout, iterable $people): int
    {
        $joined = 0;
        foreach (collect($people)->chunk(300) as $some) {
            $joined += DB::table('rollout_people')->insertOrIgnore($some->map(
                fn (mixed $id): array => ['rollout_id' => $rollout->id, 'person_id' => $id],
            )->values()->all());
            RolloutSteps::settle($some->all(), $rollout->id);
        }

        return $joined;
    }
}
