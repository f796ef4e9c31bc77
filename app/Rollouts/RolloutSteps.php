<?php

namespace App\Rollouts;

use Illuminate\Support\Facades\DB;

/** How far people are, kept beside what it is told by: whoever changes that has it settled. */
final class RolloutSteps
{
    /** Of somebody's page counts what was done since the rollout began. */
    private const PAGE = '(select %s from person_pages where person_pages.person_id = rollout_people.person_id)'
        .' >= (select created_at from rollouts where rollouts.id = rollout_id)';

    /** People in one statement. */
    private const EACH = 400;

    /**
     * @param  array<mixed>  $people  ids
     * @param  ?int  $rollout  null for all they are on
     */
    public static function settle(array $people, ?int $rollout = null): void
    {
        foreach (array_chunk($people, self::EACH) as $some) {
            DB::table('rollout_people')->whereIn('person_id', $some)
                ->when($rollout !== null, fn ($query) => $query->where('rollout_id', $rollout))
                ->update(['step' => DB::raw(self::step())]);
        }
    }

    /** The last that was reached counts, and what somebody said of it before that. */
    private static function step(): string
    {
        return "case when excused != '' then 7 when redo_at is not null then 5"
            ." when right_at is not null or verdict in ('verified', 'noted') then 6"
            .' when tested_at is not null then 5 when '.sprintf(self::PAGE, 'took_at').' then 4 when '
            .sprintf(self::PAGE, 'filled_at').' then 3 when asked_at is not null then 2'
            .' when told_at is not null then 1 else 0 end';
    }
}
