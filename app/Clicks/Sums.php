<?php

namespace App\Clicks;

use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Clicks of days that are over, added up once: by day, and by row for the spans of days that are asked for. A span of
 * seven days holds the six before today; today's are counted when they are looked at. Visitors are told apart within a
 * day, so that those of days add up.
 */
final class Sums
{
    public const SPANS = [7, 30, 90, 365];

    /** What rows are told apart by => expression of one row: a piece's by the first link of its words. */
    private const ROWS = [
        'piece' => "tracked_links.first_id || ''",
        'card' => "tracked_links.card_id || ''",
        'person' => "coalesce(tracked_links.person_id, '')",
        'banner' => "coalesce(tracked_links.banner_id, '')",
    ];

    /** Visitors of several days are each day's. */
    public const VISITORS = 'count(distinct substr(clicks.at, 1, 10) || visitor)';

    /** Days a page adds itself: more are left to the worker. */
    private const AT_ONCE = 3;

    /** Rows written with one statement. */
    private const EACH = 400;

    /** @var Collection<int, \stdClass>|null today's clicks, read once */
    private ?Collection $now = null;

    public function __construct(private readonly Workspace $workspace)
    {
    }

    /** Whether a span is added up to yesterday, if need be by now. */
    public function isReady(int $span): bool
    {
        $until = $this->until($span);
        $yesterday = now()->subDay()->toDateString();
        if ($until === null || $until < now()->subDays(1 + self::AT_ONCE)->toDateString()) {
            return false;
        }
        while ($until < $yesterday) {
            $until = Carbon::parse($until)->addDay()->toDateString();
            $this->roll($span, $until);
        }

        return true;
    }

    /** Adds up whatever is missing, from nothing where nothing is: takes seconds where there are a million. */
    public function addUp(): void
    {
        foreach (self::SPANS as $span) {
            if (! $this->isReady($span)) {
                $this->build($span);
            }
        }
    }

    /** What is added up is no longer true: clicks of days that are over came late. */
    public static function forget(): void
    {
        array_map(fn (string $table) => DB::table($table)->delete(), ['click_spans', 'click_sums', 'click_days']);
    }

    /**
     * Rows of a span with today's, the most clicked first: `row`, `clicks`, `visitors`, `latest`.
     *
     * @param  int  $most  that are wanted
     * @return array{list<\stdClass>, int} the first of them; how many there are in all
     */
    public function rows(int $span, string $way, int $most): array
    {
        $sums = DB::table('click_sums')
            ->where(['workspace_id' => $this->workspace->id, 'span' => $span, 'way' => $way]);
        $columns = ['row', 'clicks', 'visitors', 'latest'];
        $today = $this->today($way);
        $known = 0;
        foreach ($today->keys()->chunk(self::EACH) as $some) {
            foreach ((clone $sums)->whereIn('row', $some)->get($columns) as $before) {
                $row = $today->get((string) $before->row) ?? new \stdClass;
                $row->clicks = (int) $before->clicks + ($row->clicks ?? 0);
                $row->visitors = (int) $before->visitors + ($row->visitors ?? 0);
                $known++;
            }
        }
        $rows = $today->values()->all();
        // As many of the others as could stand before the last that is wanted.
        foreach ((clone $sums)->orderByDesc('clicks')->orderByDesc('latest')->select($columns)
            ->cursor() as $row) {
            if ($most <= 0) {
                break;
            }
            if (! isset($today[$row->row])) {
                $rows[] = $row;
                $most--;
            }
        }
        usort($rows, fn (\stdClass $one, \stdClass $other) => [$other->clicks, $other->latest]
            <=> [$one->clicks, $one->latest]);

        return [$rows, $sums->count() - $known + count($today)];
    }

    /** @return Collection<array-key, \stdClass> today's rows, by row */
    private function today(string $way): Collection
    {
        $column = ['piece' => 'first_id', 'card' => 'card_id', 'person' => 'person_id', 'banner' => 'banner_id'][$way];
        $rows = $visitors = [];
        foreach ($this->now() as $click) {
            if ($click->filtered === null) {
                $row = $rows[(string) $click->$column] ??= self::row((string) $click->$column);
                $row->clicks++;
                $row->latest = max($row->latest, $click->at);
                $visitors["$row->row $click->visitor"] ??= ++$row->visitors;
            }
        }

        return new Collection($rows);
    }

    private static function row(string $row): \stdClass
    {
        return (object) ['row' => $row, 'clicks' => 0, 'visitors' => 0, 'latest' => ''];
    }

    /** @return Collection<int, \stdClass> today's clicks: few beside a year's, and looked at in several ways */
    private function now(): Collection
    {
        $today = now()->toDateString();

        return $this->now ??= $this->clicks($today, $today)->get([
            'first_id', 'tracked_links.card_id', 'tracked_links.person_id', 'banner_id', 'visitor', 'filtered',
            'clicks.at',
        ]);
    }

    /** @param  Collection<int, \stdClass>  $clicks  of one day */
    private static function visitors(Collection $clicks): int
    {
        return count(array_flip($clicks->pluck('visitor')->all()));
    }

    /** @return Collection<string, \stdClass> by day, those with clicks: `clicks`, `visitors`, `machines` */
    public function days(int $span): Collection
    {
        $from = now()->subDays($span - 1)->toDateString();
        $today = now()->toDateString();

        return DB::table('click_days')->where('workspace_id', $this->workspace->id)
            ->whereBetween('day', [$from, $today])
            ->get(['day', 'clicks', 'visitors', 'machines'])
            ->concat($this->now()->isEmpty() ? [] : [$this->dayOf($today, $this->now())])
            ->keyBy('day')->sortKeys();
    }

    /** @param  Collection<int, \stdClass>  $clicks */
    private function dayOf(string $day, Collection $clicks): \stdClass
    {
        $human = $clicks->whereNull('filtered');

        return (object) [
            'day' => $day, 'clicks' => count($human), 'visitors' => self::visitors($human),
            'machines' => count($clicks) - count($human),
        ];
    }

    private function until(int $span): ?string
    {
        $at = ['workspace_id' => $this->workspace->id, 'span' => $span];
        $until = DB::table('click_spans')->where($at)->value('until');

        return is_string($until) ? $until : null;
    }

    /** A span from nothing. What is read holds nobody up; what is written, a little at a time. */
    private function build(int $span): void
    {
        [$from, $until] = [now()->subDays($span - 1)->toDateString(), now()->subDay()->toDateString()];
        $at = ['workspace_id' => $this->workspace->id, 'span' => $span];
        DB::table('click_spans')->where($at)->delete();
        DB::table('click_sums')->where($at)->delete();
        foreach (array_keys(self::ROWS) as $way) {
            $rows = $this->grouped($way, $from, $until)->get()
                ->map(fn (\stdClass $row) => $at + ['way' => $way] + (array) $row);
            foreach ($rows->chunk(self::EACH) as $some) {
                DB::table('click_sums')->insert($some->values()->all());
            }
        }
        $this->keepDays($from, $until);
        DB::table('click_spans')->insert($at + ['until' => $until]);
    }

    /** A day more in a span, and the one before its first less. */
    private function roll(int $span, string $day): void
    {
        $at = ['workspace_id' => $this->workspace->id, 'span' => $span];
        $gone = Carbon::parse($day)->subDays($span - 1)->toDateString();
        DB::transaction(function () use ($at, $day, $gone): void {
            $before = Carbon::parse($day)->subDay()->toDateString();
            if (DB::table('click_spans')->where($at + ['until' => $before])->update(['until' => $day]) === 0) {
                return;
            }
            foreach (array_keys(self::ROWS) as $way) {
                $this->put($at + ['way' => $way], $this->grouped($way, $day, $day)->get(), 1);
                $this->put($at + ['way' => $way], $this->grouped($way, $gone, $gone)->get(), -1);
            }
            DB::table('click_sums')->where($at)->where('clicks', '<=', 0)->delete();
            $this->keepDays($day, $day);
        });
    }

    /**
     * @param  array<string, int|string>  $at
     * @param  Collection<int, \stdClass>  $rows
     */
    private function put(array $at, Collection $rows, int $sign): void
    {
        $added = $rows->map(fn (\stdClass $row) => $at + [
            'row' => $row->row, 'clicks' => $sign * $row->clicks, 'visitors' => $sign * $row->visitors,
            'latest' => $row->latest,
        ]);
        foreach ($added->chunk(self::EACH) as $some) {
            DB::table('click_sums')->upsert($some->values()->all(), ['workspace_id', 'span', 'way', 'row'], [
                'clicks' => DB::raw('click_sums.clicks + excluded.clicks'),
                'visitors' => DB::raw('click_sums.visitors + excluded.visitors'),
                'latest' => DB::raw('case when excluded.latest > click_sums.latest then excluded.latest '
                    .'else click_sums.latest end'),
            ]);
        }
    }

    private function keepDays(string $from, string $until): void
    {
        $days = $this->byDay($from, $until)->get()
            ->map(fn (\stdClass $day) => ['workspace_id' => $this->workspace->id] + (array) $day);
        foreach ($days->chunk(self::EACH) as $some) {
            DB::table('click_days')->insertOrIgnore($some->values()->all());
        }
    }

    /** Clicks of people by row: `row`, `clicks`, `visitors`, `latest`. */
    private function grouped(string $way, string $from, string $until): Builder
    {
        $row = self::ROWS[$way];

        return $this->clicks($from, $until)->whereNull('filtered')
            ->groupByRaw($row)
            ->selectRaw("$row as row, count(*) as clicks, ".self::VISITORS.' as visitors, max(clicks.at) as latest');
    }

    private function byDay(string $from, string $until): Builder
    {
        return $this->clicks($from, $until)->groupByRaw('substr(clicks.at, 1, 10)')
            ->selectRaw('substr(clicks.at, 1, 10) as day, count(*) - count(filtered) as clicks, count(distinct case '
                .'when filtered is null then visitor end) as visitors, count(filtered) as machines');
    }

    private function clicks(string $from, string $until): Builder
    {
        // From the clicks of these days to their links: the other way round all links of the workspace are looked at.
        return DB::table('clicks')
            ->crossJoin('tracked_links')->whereColumn('tracked_links.id', 'clicks.tracked_link_id')
            ->crossJoin('cards')->whereColumn('cards.id', 'tracked_links.card_id')
            ->where('cards.workspace_id', $this->workspace->id)
            ->whereBetween('clicks.at', ["$from 00:00:00", "$until 23:59:59"]);
    }
}
