<?php

namespace App\Rollouts;

use App\Models\Rollout;
use App\Roster\Stay;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\DB;

/** Who is how far, furthest behind first. */
final class RolloutBoard
{
    /** So few of one step are put in order by themselves; of more, people are walked in order until enough are met. */
    private const FEW = 300;

    /** Who can be written to, in numbers. */
    private const WAITING = "count(case when told_at is null and excused = '' then 1 end) as to_tell, "
        ."count(case when asked_at is null and excused = '' then 1 end) as to_ask, "
        .'count(case when step < 6 then asked_at end) as missing';

    private const COUNTS = 'count(*) as people, count(told_at) as told, count(asked_at) as asked, '
        .'count(redo_at) as redo, '
        .'count(case when step = 5 and tested_at is not null and redo_at is null then 1 end) as tested, '
        .self::WAITING;

    private const NONE = ['people' => 0, 'told' => 0, 'asked' => 0, 'missing' => 0, 'verified' => 0, 'redo' => 0,
        'tested' => 0, 'excused' => 0, 'to_tell' => 0, 'to_ask' => 0];

    /** @var ?array<int, array<string, int>> */
    private ?array $steps = null;

    public function __construct(private readonly Rollout $rollout)
    {
    }

    public function query(): Builder
    {
        $since = (string) $this->rollout->created_at;

        return $this->rollout->people()->join('people', 'people.id', 'rollout_people.person_id')
            ->whereNull('removed_at')->leftJoin('person_pages', 'person_pages.person_id', 'rollout_people.person_id')
            ->select(['rollout_people.*', 'people.name', 'people.address', 'people.first_day', 'people.last_day',
                'opened_at'])
            ->selectRaw('case when filled_at >= ? then filled_at end as filled_at', [$since])
            ->selectRaw('case when took_at >= ? then took_at end as took_at', [$since]);
    }

    /**
     * A page of it: who is on it step by step, and only what is shown of them fetched.
     *
     * @return LengthAwarePaginator<int, \stdClass>
     */
    public function page(int $total, int $each): LengthAwarePaginator
    {
        $page = LengthAwarePaginator::resolveCurrentPage();
        $ids = $this->ids(max(0, $page - 1) * $each, $each);
        $rows = $this->query()->whereIn('people.id', $ids)->get()->keyBy('person_id');

        return new LengthAwarePaginator(
            array_values(array_filter(array_map(fn (string $id): ?\stdClass => $rows->get($id), $ids))), $total, $each,
            $page, ['path' => LengthAwarePaginator::resolveCurrentPath()],
        );
    }

    /** @return list<string> of so many people, in the order of a board */
    private function ids(int $offset, int $each): array
    {
        $ids = [];
        foreach (array_map(fn (array $at): int => $at['people'], $this->steps ??= $this->steps()) as $step => $people) {
            if ($offset < $people && count($ids) < $each) {
                $some = $this->atStep($step, $people)->orderBy('name')->orderBy('people.id')
                    ->offset($offset)->limit($each - count($ids))->pluck('people.id');
                array_push($ids, ...array_map(strval(...), $some->all()));
            }
            $offset = max(0, $offset - $people);
        }

        return $ids;
    }

    private function atStep(int $step, int $people): Builder
    {
        $on = $this->rollout->people()->where('step', $step);

        return $people <= self::FEW
            ? DB::table('people')->whereIn('people.id', $on->select('person_id'))->whereNull('removed_at')
            : DB::table('people')->where('workspace_id', $this->rollout->workspace_id)->whereNull('removed_at')
                ->whereExists($on->whereColumn('person_id', 'people.id'));
    }

    /** Who is off the list: few, and on no board. */
    private function removed(): Builder
    {
        return DB::table('people')->where('workspace_id', $this->rollout->workspace_id)->whereNotNull('removed_at')
            ->select('id');
    }

    /** In the order of a board. */
    public function ordered(): Builder
    {
        return $this->query()->orderBy('step')->orderBy('name')->orderBy('people.id');
    }

    /** Those whose test came, in the order of a board; nobody waits for the others. */
    public function tested(): Builder
    {
        return $this->query()->whereIn('step', [5, 6])->whereNotNull('test_id')->orderBy('step')->orderBy('name');
    }

    /** Those who were asked, and are not through. */
    public function missing(): Builder
    {
        return Stay::here(
            $this->query()->where('step', '<', 6)->whereNotNull('asked_at'), $this->rollout->workspace,
        );
    }

    /** Those who were not told beforehand. */
    public function toTell(): Builder
    {
        return Stay::here(
            $this->query()->whereNull('told_at')->where('excused', ''), $this->rollout->workspace,
        );
    }

    /** Those who can be asked, and were not: who is still to come is asked on their first day. */
    public function toAsk(): Builder
    {
        return Stay::here($this->query()->whereNull('asked_at')->where('excused', '')->where(
            fn (Builder $query) => $query->whereNull('first_day')->orWhere('first_day', '<=', $this->today()),
        ), $this->rollout->workspace);
    }

    /** @return array<string, int> people, told, asked, missing, verified, redo, tested, excused, to_tell and to_ask */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->steps ??= $this->steps() as $step => $at) {
            $at += [
                'verified' => $step === 6 ? $at['people'] : 0, 'excused' => $step === 7 ? $at['people'] : 0,
            ];
            foreach ($at as $what => $people) {
                $counts[$what] = ($counts[$what] ?? 0) + $people;
            }
        }

        return $counts + self::NONE;
    }

    /**
     * Told in one walk over who is on it.
     *
     * @return array<int, array<string, int>> step => people there, told, asked, tested and waiting to be looked at, to
     *     be made again, to be told, to be asked now, missing; in order
     */
    private function steps(): array
    {
        $steps = $this->byStep($this->rollout->people(), self::COUNTS);
        foreach ([[$this->removed(), self::COUNTS], [$this->left(), self::WAITING]] as [$people, $what]) {
            $gone = ! $people->exists() ? []
                : $this->byStep($this->rollout->people()->whereIn('person_id', $people), $what);
            foreach ($gone as $step => $counts) {
                foreach ($counts as $name => $count) {
                    $steps[$step][$name] -= $count;
                }
            }
        }
        foreach ($this->later() as $step => $people) {
            $steps[$step]['to_ask'] -= $people;
        }
        ksort($steps);

        return array_filter($steps, fn (array $at): bool => $at['people'] > 0);
    }

    /** @return array<int, array<string, int>> step => what is counted there */
    private function byStep(Builder $people, string $what): array
    {
        return $people->groupBy('step')->selectRaw("step, $what")->get()->keyBy('step')
            ->map(fn (\stdClass $row): array => array_map(intval(...), array_diff_key((array) $row, ['step' => 1])))
            ->all();
    }

    /** Whose last day is over. */
    private function left(): Builder
    {
        return DB::table('people')->where('workspace_id', $this->rollout->workspace_id)->whereNull('removed_at')
            ->where('last_day', '<', $this->today())->select('id');
    }

    /** @return array<int, int> step => who is to come yet, and is asked then */
    private function later(): array
    {
        $later = DB::table('people')->where('workspace_id', $this->rollout->workspace_id)->whereNull('removed_at')
            ->where('first_day', '>', $this->today())->pluck('id');

        return $later->isEmpty() ? [] : array_map(intval(...), $this->rollout->people()->whereIn('person_id', $later)
            ->whereNull('asked_at')->where('excused', '')->groupBy('step')->selectRaw('step, count(*) as n')
            ->pluck('n', 'step')->all());
    }

    private function today(): string
    {
        return $this->rollout->workspace->today()->iso;
    }
}
