<?php

namespace App\Rollouts;

use App\Models\Rollout;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Who is how far, furthest behind first. */
final readonly class RolloutBoard
{
    /**
     * Steps as the tables have them, the last first; what counts of somebody's page was done since the rollout began.
     */
    private const STEP = "case when excused != '' then 7"
        ." when redo_at is not null then 5 when right_at is not null or verdict in ('verified', 'noted') then 6"
        .' when tested_at is not null then 5 when took_at >= ? then 4 when filled_at >= ? then 3'
        .' when asked_at is not null then 2 when told_at is not null then 1 else 0 end';

    public function __construct(private Rollout $rollout)
    {
    }

    public function query(): Builder
    {
        $since = (string) $this->rollout->created_at;

        return DB::table('rollout_people')->where('rollout_id', $this->rollout->id)
            ->join('people', 'people.id', 'rollout_people.person_id')->whereNull('removed_at')
            ->leftJoin('person_pages', 'person_pages.person_id', 'rollout_people.person_id')
            ->select(['rollout_people.*', 'people.name', 'people.address', 'people.profile', 'people.first_day',
                'opened_at'])
            ->selectRaw('case when filled_at >= ? then filled_at end as filled_at', [$since])
            ->selectRaw('case when took_at >= ? then took_at end as took_at', [$since])
            ->selectRaw(self::STEP.' as step', [$since, $since]);
    }

    /** In the order of a board. */
    public function ordered(): Builder
    {
        return $this->query()->orderBy('step')->orderBy('name')->orderBy('people.id');
    }

    /** Those who were asked, and are not through. */
    public function missing(): Builder
    {
        return DB::query()->fromSub($this->query(), 'board')->where('step', '<', 6)->whereNotNull('asked_at');
    }

    /** Those who can be asked, and were not: who is still to come is asked on their first day. */
    public function toAsk(): Builder
    {
        return $this->query()->whereNull('asked_at')->where('excused', '')->where(
            fn (Builder $query) => $query->whereNull('first_day')
                ->orWhere('first_day', '<=', $this->rollout->workspace->today()->iso),
        );
    }

    /** @return array<string, int> people, told, asked, verified, redo, tested */
    public function counts(): array
    {
        $row = DB::query()->fromSub($this->query(), 'board')->selectRaw(
            'count(*) as people, count(told_at) as told, count(asked_at) as asked, '
            .'sum(case when step = 6 then 1 else 0 end) as verified, '
            .'sum(case when redo_at is not null then 1 else 0 end) as redo, '
            .'sum(case when tested_at is not null and step = 5 and redo_at is null then 1 else 0 end) as tested, '
            ."sum(case when excused != '' then 1 else 0 end) as excused",
        )->first();

        return array_map(intval(...), (array) $row);
    }
}
