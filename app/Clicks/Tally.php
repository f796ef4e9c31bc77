<?php

namespace App\Clicks;

use App\Jobs\AddUpClicks;
use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Clicks\Series;

/** What was clicked in a stretch of days: clicks of people, machines apart. */
final class Tally
{
    /** What rows can be told apart by => columns that name one. */
    public const WAYS = [
        'piece' => ['cards.id', 'cards.name', 'tracked_links.piece', 'tracked_links.kind', 'tracked_links.words'],
        'card' => ['cards.id', 'cards.name'],
        'person' => ['people.id', 'people.name'],
        'banner' => ['tracked_links.banner_id'],
        'day' => [],
    ];

    /** Columns of these names are in several tables. */
    private const NAMED = ['cards.id' => ' as card_id', 'people.id' => ' as person_id', 'people.name' => ' as person'];

    /** Links that are looked for by their numbers. */
    private const LISTED = 5_000;

    /**
     * @param  int<1, max>  $days
     * @param  list<int>|null  $cards  ids; null for all
     */
    public function __construct(
        private readonly Workspace $workspace,
        private readonly int $days,
        private readonly Carbon $until,
        private readonly ?array $cards = null,
        private readonly string $person = '',
    ) {
    }

    /** Looked for once; false before that. */
    private Sums|false|null $sums = false;

    /** @var Collection<string, \stdClass>|null days of the sums, looked at once */
    private ?Collection $summed = null;

    /** @return Collection<string, \stdClass> */
    private function dayRows(Sums $sums): Collection
    {
        return $this->summed ??= $sums->days($this->days);
    }

    /** Whether any card has links that were handed over to be counted. */
    public static function counts(Workspace $workspace): bool
    {
        return DB::table('cards')
            ->where('workspace_id', $workspace->id)
            ->whereExists(fn (Builder $query) => $query->selectRaw('1')->from('tracked_links')
                ->whereColumn('card_id', 'cards.id'))
            ->exists();
    }

    /** @return array{clicks: int, visitors: int, machines: int} visitors are counted anew every day */
    public function totals(): array
    {
        $sums = $this->sums();
        $days = $sums === null ? null : $this->dayRows($sums);
        $row = $days === null
            ? (array) $this->clicks()->selectRaw(
                'sum(case when filtered is null then 1 else 0 end) as clicks, count(distinct case when filtered is '
                    .'null then substr(clicks.at, 1, 10) || visitor end) as visitors, count(filtered) as machines',
            )->first()
            : ['clicks' => $days->sum('clicks'), 'visitors' => $days->sum('visitors'),
                'machines' => $days->sum('machines')];

        return array_map(intval(...), $row) + ['clicks' => 0, 'visitors' => 0, 'machines' => 0];
    }

    public function series(): Series
    {
        $sums = $this->sums();

        return Series::of(
            $sums === null
                ? $this->byDay($this->human())[''] ?? []
                : $this->dayRows($sums)->map(fn (\stdClass $day) => (int) $day->clicks)->all(),
            $this->days(),
        );
    }

    /**
     * Rows of the table, the most clicked first.
     *
     * @param  key-of<self::WAYS>  $way
     * @return LengthAwarePaginator<int, \stdClass>
     */
    public function by(string $way, int $each): LengthAwarePaginator
    {
        $columns = self::WAYS[$way];
        $sums = $this->sums();
        if ($sums !== null) {
            return $way === 'day' ? $this->summedDays($sums, $each) : $this->summed($sums, $way, $each);
        }
        $query = $this->human()->selectRaw(
            'count(*) as clicks, '.Sums::VISITORS.' as visitors, max(clicks.at) as latest',
        );
        if ($way === 'day') {
            return $query
                ->selectRaw('substr(clicks.at, 1, 10) as day')
                ->groupByRaw('substr(clicks.at, 1, 10)')
                ->orderByDesc('day')
                ->paginate($each)
                ->withQueryString();
        }

        return $query
            ->addSelect(self::named($columns))
            ->groupBy($columns)
            ->orderByDesc('clicks')
            ->orderByDesc('latest')
            ->paginate($each)
            ->withQueryString();
    }

    /**
     * @param  key-of<self::WAYS>  $way  any but `day`
     * @return LengthAwarePaginator<int, \stdClass>
     */
    private function summed(Sums $sums, string $way, int $each): LengthAwarePaginator
    {
        $page = Paginator::resolveCurrentPage();
        [$all, $total] = $sums->rows($this->days, $way, $page * $each);
        $rows = collect($all)->slice(($page - 1) * $each, $each)->values();
        if ($way === 'banner') {
            // A row is its number, or nothing for all that is no banner's.
            $rows->each(fn (\stdClass $row) => $row->banner_id = $row->row === '' ? null : (int) $row->row);

            return self::paged($rows, $total, $each, $page);
        }
        $query = match ($way) {
            'piece' => DB::table('tracked_links')->join('cards', 'cards.id', 'card_id')->whereIn('tracked_links.id',
                $rows->pluck('row'))->addSelect('tracked_links.id as row'),
            'card' => DB::table('cards')->whereIn('cards.id', $rows->pluck('row'))->addSelect('cards.id as row'),
            default => DB::table('people')->whereIn('people.id', $rows->pluck('row'))->addSelect('people.id as row'),
        };
        $names = $query->addSelect(self::named(self::WAYS[$way]))->get()->keyBy('row');
        $nobody = (object) ['person_id' => null, 'person' => null];

        return self::paged(
            $rows->map(fn (\stdClass $row) => (object) ((array) $row + (array) ($names[$row->row] ?? $nobody))),
            $total, $each, $page,
        );
    }

    /** @return LengthAwarePaginator<int, \stdClass> */
    private function summedDays(Sums $sums, int $each): LengthAwarePaginator
    {
        $days = $this->dayRows($sums)->filter(fn (\stdClass $day) => $day->clicks > 0)->reverse()->values();
        $page = Paginator::resolveCurrentPage();

        return self::paged($days->forPage($page, $each)->values(), $days->count(), $each, $page);
    }

    /**
     * @param  Collection<int, \stdClass>  $rows
     * @return LengthAwarePaginator<int, \stdClass>
     */
    private static function paged(Collection $rows, int $total, int $each, int $page): LengthAwarePaginator
    {
        $path = Paginator::resolveCurrentPath();

        return (new LengthAwarePaginator($rows, $total, $each, $page, ['path' => $path]))->withQueryString();
    }

    /** Whether its days are added up: there are too many to be counted each time. */
    public function isSummed(): bool
    {
        return $this->sums() !== null;
    }

    /** What a line of `seriesBy` is called that belongs to a row of `by`. */
    public static function lineOf(string $way, \stdClass $row): string
    {
        return match ($way) {
            'piece' => "$row->card_id $row->piece $row->words",
            'card' => (string) $row->card_id,
            'person' => (string) $row->person_id,
            'banner' => (string) $row->banner_id,
            default => '',
        };
    }

    /** What is added up already; null where clicks are few enough to be counted, or are still being added up. */
    private function sums(): ?Sums
    {
        if ($this->sums === false) {
            $this->sums = $this->addedUp();
        }

        return $this->sums;
    }

    private function addedUp(): ?Sums
    {
        if ($this->cards !== null || $this->person !== '' || ! in_array($this->days, Sums::SPANS, true)
            // A span is summed up by what leaves it: of days that were forgotten, nothing does.
            || ($this->workspace->keep_clicks > 0 && $this->workspace->keep_clicks <= $this->days)
            || ! $this->until->isToday() || (int) DB::table('clicks')->max('id') < config('inky.counted')) {
            return null;
        }
        $sums = new Sums($this->workspace);
        if ($sums->isReady($this->days)) {
            return $sums;
        }
        AddUpClicks::dispatch($this->workspace->id);

        return null;
    }

    /**
     * @param  list<string>  $columns
     * @return list<string> each with the name a row has it under
     */
    private static function named(array $columns): array
    {
        return array_map(fn (string $column) => $column.(self::NAMED[$column] ?? ''), $columns);
    }

    /**
     * A series for every row shown.
     *
     * @param  key-of<self::WAYS>  $way
     * @param  iterable<\stdClass>|null  $rows  those of `by`; null for all there are
     * @return array<string, Series> by what `name` calls the row
     */
    public function seriesBy(string $way, ?iterable $rows = null): array
    {
        if ($way === 'day') {
            return [];
        }
        $column = ['person' => 'person_id', 'banner' => 'banner_id'][$way] ?? 'card_id';
        $of = $rows === null ? null : collect([...$rows])->pluck($column);
        $links = $of === null || ($column === 'banner_id' && $of->contains(fn (mixed $id) => ! $id)) ? null
            : DB::table('tracked_links')->whereIn($column, $of->filter()->unique())->pluck('id')->all();
        $name = [
            'piece' => ['cards.id', 'tracked_links.piece', 'tracked_links.words'],
            'card' => ['cards.id'],
            'person' => ['people.id'],
            'banner' => ['tracked_links.banner_id'],
        ][$way];

        $clicks = $this->human()->when(
            $links !== null && count($links) <= self::LISTED,
            fn (Builder $query) => $query->whereIn('clicks.tracked_link_id', $links),
        );

        return array_map(fn (array $days) => Series::of($days, $this->days()), $this->byDay($clicks, $name));
    }

    /** @return Builder every click of a person, one a row, the oldest first */
    public function each(): Builder
    {
        return $this->human()
            ->select([
                'clicks.id', 'clicks.at', 'cards.name as card', 'people.name as person', 'tracked_links.kind',
                'tracked_links.words', 'tracked_links.address',
            ])
            ->orderBy('clicks.at')
            ->orderBy('clicks.id');
    }

    /** @return non-empty-list<string> YYYY-MM-DD */
    private function days(): array
    {
        return array_map(
            fn (int $back) => $this->until->copy()->subDays($back)->toDateString(),
            range($this->days - 1, 0),
        );
    }

    private function human(): Builder
    {
        return $this->clicks()->whereNull('filtered');
    }

    private function clicks(): Builder
    {
        return DB::table('clicks')
            ->join('tracked_links', 'tracked_links.id', 'clicks.tracked_link_id')
            ->join('cards', 'cards.id', 'tracked_links.card_id')
            ->leftJoin('people', 'people.id', 'tracked_links.person_id')
            ->where('cards.workspace_id', $this->workspace->id)
            ->where('clicks.at', '>=', $this->until->copy()->subDays($this->days - 1)->startOfDay()->toDateTimeString())
            ->where('clicks.at', '<=', $this->until->copy()->endOfDay()->toDateTimeString())
            ->when($this->cards !== null, fn (Builder $query) => $query->whereIn('cards.id', $this->cards))
            ->when($this->person !== '', fn (Builder $query) => $query->where('people.id', $this->person))
            ->when(
                $this->links(),
                fn (Builder $query, array $links) => $query->whereIn('clicks.tracked_link_id', $links),
            );
    }

    /**
     * @param  list<string>  $columns  that tell rows apart
     * @return array<string, array<string, int>> row => day => clicks
     */
    private function byDay(Builder $query, array $columns = []): array
    {
        $found = [];
        $aliases = array_map(fn (string $column, int $index) => "$column as k$index", $columns, array_keys($columns));
        // The day is the first ten letters of the moment, in any database that keeps moments as this application writes
        // them.
        foreach (
            $query
                ->select($aliases)
                ->selectRaw('substr(clicks.at, 1, 10) as day, count(*) as clicks')
                ->groupBy([...$columns, DB::raw('substr(clicks.at, 1, 10)')])
                ->get() as $row
        ) {
            $name = implode(' ', array_map(fn (int $index) => (string) $row->{"k$index"}, array_keys($columns)));
            $found[$name][$row->day] = (int) $row->clicks;
        }

        return $found;
    }

    /** @return array<int> numbers of the links asked for, so that their clicks are found by them; none for many */
    private function links(): array
    {
        if ($this->cards === null && $this->person === '') {
            return [];
        }
        $links = DB::table('tracked_links')
            ->when($this->cards !== null, fn (Builder $query) => $query->whereIn('card_id', $this->cards))
            ->when($this->person !== '', fn (Builder $query) => $query->where('person_id', $this->person))
            ->limit(self::LISTED + 1)->pluck('id')->all();

        return count($links) > self::LISTED ? [] : $links;
    }
}
