<?php

namespace App\Clicks;

use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Clicks\Series;

/** What was clicked in a stretch of days: clicks of people, machines apart. */
final readonly class Tally
{
    /** What rows can be told apart by => columns that name one. */
    public const WAYS = [
        'piece' => ['cards.id', 'cards.name', 'tracked_links.piece', 'tracked_links.kind', 'tracked_links.words'],
        'card' => ['cards.id', 'cards.name'],
        'person' => ['people.id', 'people.name'],
        'day' => [],
    ];

    /** Columns of these names are in several tables. */
    private const NAMED = ['cards.id' => ' as card_id', 'people.id' => ' as person_id', 'people.name' => ' as person'];

    /**
     * @param  int<1, max>  $days
     * @param  list<int>|null  $cards  ids; null for all
     */
    public function __construct(
        private Workspace $workspace,
        private int $days,
        private Carbon $until,
        private ?array $cards = null,
        private string $person = '',
    ) {
    }

    /** Cards with links that were handed over to be counted. */
    public static function counts(Workspace $workspace): int
    {
        return DB::table('tracked_links')
            ->join('cards', 'cards.id', 'tracked_links.card_id')
            ->where('workspace_id', $workspace->id)
            ->distinct()
            ->count('card_id');
    }

    /** @return array{clicks: int, visitors: int, machines: int} visitors are counted anew every day */
    public function totals(): array
    {
        $row = $this->clicks()
            ->selectRaw(
                'sum(case when filtered is null then 1 else 0 end) as clicks, count(distinct case when filtered is '
                    .'null then visitor end) as visitors, count(filtered) as machines',
            )
            ->first();

        return [
            'clicks' => (int) $row?->clicks,
            'visitors' => (int) $row?->visitors,
            'machines' => (int) $row?->machines,
        ];
    }

    public function series(): Series
    {
        return Series::of($this->byDay($this->human())[''] ?? [], $this->days());
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
        $query = $this->human()->selectRaw(
            'count(*) as clicks, count(distinct visitor) as visitors, max(clicks.at) as latest',
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
            ->addSelect(
                array_map(fn (string $column) => $column.(self::NAMED[$column] ?? ''), $columns),
            )
            ->groupBy($columns)
            ->orderByDesc('clicks')
            ->orderBy('latest')
            ->paginate($each)
            ->withQueryString();
    }

    /**
     * A series for every row shown.
     *
     * @param  key-of<self::WAYS>  $way
     * @return array<string, Series> by what `name` calls the row
     */
    public function seriesBy(string $way): array
    {
        if ($way === 'day') {
            return [];
        }
        $name = [
            'piece' => ['cards.id', 'tracked_links.piece', 'tracked_links.words'],
            'card' => ['cards.id'],
            'person' => ['people.id'],
        ][$way];

        return array_map(fn (array $days) => Series::of($days, $this->days()), $this->byDay($this->human(), $name));
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
            ->when($this->person !== '', fn (Builder $query) => $query->where('people.id', $this->person));
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
}
