<?php

namespace App\Rollouts;

use App\Models\Rollout;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
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

        return $this->bare()->addSelect(['rollout_people.*', 'people.name', 'people.address', 'people.first_day',
            'opened_at'])
            ->selectRaw('case when filled_at >= ? then filled_at end as filled_at', [$since])
            ->selectRaw('case when took_at >= ? then took_at end as took_at', [$since]);
    }

    /** Who is on it, and how far: `step`, and what is put beside it. */
    private function bare(): Builder
    {
        $since = (string) $this->rollout->created_at;

        return DB::table('rollout_people')->where('rollout_id', $this->rollout->id)
            ->join('people', 'people.id', 'rollout_people.person_id')->whereNull('removed_at')
            ->leftJoin('person_pages', 'person_pages.person_id', 'rollout_people.person_id')
            ->selectRaw(self::STEP.' as step', [$since, $since]);
    }

    /**
     * A page of it. Only who is on it is put in order, and what is shown of them fetched.
     *
     * @return LengthAwarePaginator<int, \stdClass>
     */
    public function page(int $total, int $each): LengthAwarePaginator
    {
        $page = LengthAwarePaginator::resolveCurrentPage();
        $ids = $this->bare()->addSelect('people.id')->orderBy('step')->orderBy('name')->orderBy('people.id')
            ->forPage($page, $each)->pluck('id')->all();
        $rows = $this->query()->whereIn('people.id', $ids)->get()->keyBy('person_id');

        return new LengthAwarePaginator(
            array_map(fn (mixed $id): \stdClass => $rows->get($id) ?? new \stdClass, $ids), $total, $each, $page,
            ['path' => LengthAwarePaginator::resolveCurrentPath()],
        );
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

    /** @return array<string, int> people, told, asked, verified, redo, tested, excused and to_ask */
    public function counts(): array
    {
        $row = DB::query()->fromSub($this->bare()->addSelect(['told_at', 'asked_at', 'tested_at', 'redo_at', 'excused',
            'first_day']), 'board')->selectRaw(
                'count(*) as people, count(told_at) as told, count(asked_at) as asked, '
                .'sum(case when asked_at is not null and step < 6 then 1 else 0 end) as missing, '
                .'sum(case when step = 6 then 1 else 0 end) as verified, count(redo_at) as redo, '
                .'sum(case when tested_at is not null and step = 5 and redo_at is null then 1 else 0 end) as tested, '
                ."sum(case when excused != '' then 1 else 0 end) as excused, "
                ."sum(case when asked_at is null and excused = '' and (first_day is null or first_day <= ?)"
                .' then 1 else 0 end) as to_ask', [$this->rollout->workspace->today()->iso],
            )->first();

        return array_map(intval(...), (array) $row);
    }
}
