<?php

namespace App\Banners;

use App\Models\StoredBanner;
use App\Models\Workspace;
use App\Words\Moments;
use Illuminate\Support\Collection;
use InkyCard\Banner\Lane;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Banner\Stretch;
use InkyCard\Banner\Timeline;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/** A year's windows under a ruler, a lane an audience; and in words what is missing, or due twice. */
final readonly class PlanPage
{
    /** Months shown at once. */
    private const MONTHS = 9;

    /** Height of a row of bars, CSS px, and what is above and below them. */
    private const ROW = 52;

    private const AROUND = 6;

    /** Percent of the timeline below which a gap says nothing, and less. */
    private const NARROW = [3, 14];

    /** Percent of the timeline from which on a bar says its first day, and both. */
    private const BAR = [4.5, 11];

    public Day $until;

    private int $begins;

    private int $ends;

    /** @var list<Lane> */
    private array $lanes;

    /** @var Collection<int, StoredBanner> by number */
    private Collection $banners;

    /** @var array<int, list<string>> */
    public array $cards;

    /** @param  Day  $from  first day shown */
    public function __construct(private Workspace $workspace, public Day $from)
    {
        $this->until = Day::at((new \DateTimeImmutable($from->iso))->modify('+'.self::MONTHS.' months'));
        $this->begins = $this->moment($from);
        $this->ends = $this->moment($this->until);
        $this->cards = PlanRows::cards($workspace->id);
        $windows = PlanRows::windows($workspace->id, $this->begins);
        $labels = array_values(array_unique(array_merge(
            ...array_values($this->cards), ...array_map(fn (PlaceWindow $one) => $one->audience->labels, $windows),
        )));
        sort($labels);
        $this->lanes = Timeline::of($windows, $labels, $this->begins, $this->ends);
        $this->banners = StoredBanner::query()->whereIn('id', array_map(
            fn (PlaceWindow $window) => (int) $window->banner, $windows,
        ))->get()->keyBy('id');
    }

    public function days(): int
    {
        return $this->from->until($this->until);
    }

    /**
     * Thirds of months.
     *
     * @return list<array{string, float, bool}> what a month is called, share of the timeline, whether one begins there
     */
    public function ruler(): array
    {
        $marks = [];
        for ($day = $this->from; $day->isBefore($this->until); $day = $day->plus(1)) {
            $of = (int) substr($day->iso, 8);
            if (in_array($of, [1, 11, 21], true)) {
                $marks[] = [
                    $of === 1 ? Moments::day($day->iso, 'month') : '',
                    $this->share($this->moment($day)), $of === 1,
                ];
            }
        }

        return $marks;
    }

    /**
     * @return list<array{name: string, count: int, height: int, bars: list<array<string, mixed>>,
     *     gaps: list<array<string, mixed>>}>
     */
    public function lanes(): array
    {
        return array_map(fn (Lane $lane) => [
            'name' => self::called($lane),
            'count' => count($this->of($lane)),
            'height' => $lane->rows() * self::ROW + 2 * self::AROUND,
            'bars' => array_map(fn (array $bar) => $this->bar($bar[0], $bar[1], $lane), $lane->bars),
            'gaps' => array_map(fn (Stretch $gap) => [
                'x' => $this->share($gap->from), 'width' => $this->share($gap->until) - $this->share($gap->from),
                'words' => $this->nothing($gap, $this->share($gap->until) - $this->share($gap->from)),
            ], $lane->gaps),
        ], $this->lanes);
    }

    /** @return list<string> sentences */
    public function missing(): array
    {
        $said = [];
        foreach ($this->lanes as $lane) {
            if ($lane->gaps !== []) {
                $said[] = __(
                    ':called has nothing :listed.',
                    ['called' => self::called($lane),
                        'listed' => self::listed(array_map($this->range(...), $lane->gaps))],
                );
            }
        }

        return $said;
    }

    /** @return list<array{string, list<string>}> sentences, and the windows each is about */
    public function twice(): array
    {
        $said = [];
        foreach ($this->lanes as $lane) {
            foreach ($lane->overlaps as $overlap) {
                $name = fn (PlaceWindow $window) => '“'.$this->name($window).'”';
                $names = self::listed(array_map($name, $overlap->windows));
                $said[] = [
                    __(
                        ':names are due at once for :called :range: they share the cards.',
                        ['names' => $names, 'called' => self::called($lane), 'range' => $this->range($overlap)],
                    ),
                    array_map(fn (PlaceWindow $window) => $window->id, $overlap->windows),
                ];
            }
        }

        return $said;
    }

    public function name(PlaceWindow $window): string
    {
        return $this->banners->get((int) $window->banner)?->banner()->name() ?? 'A banner';
    }

    /** When a window is over, as people say it: its last day, and the time where it is not all of it. */
    public function words(PlaceWindow $window): string
    {
        return $this->day($window->from).' – '.$this->day($window->until - 1);
    }

    /** Share of what is shown that is over at a moment, 0 to 100. */
    public function share(int $moment): float
    {
        return round(100 * max(0, min(1, ($moment - $this->begins) / ($this->ends - $this->begins))), 3);
    }

    public function moment(Day $day): int
    {
        return Clock::moment($day, '00:00', $this->workspace->clock())->getTimestamp();
    }

    /** Of the picture of its banner, for the picture's address. */
    public function version(PlaceWindow $window): string
    {
        return $this->banners->get((int) $window->banner)?->version() ?? '';
    }

    /** @return array<string, mixed> */
    private function bar(PlaceWindow $window, int $row, Lane $lane): array
    {
        $stored = $this->banners->get((int) $window->banner);
        $size = ($stored?->shown() ?? $stored?->banner())?->size;
        $width = max(0.4, $this->share($window->until) - $this->share($window->from));

        return [
            'id' => $window->id, 'banner' => $window->banner, 'x' => $this->share($window->from), 'width' => $width,
            'short' => match (true) {
                $width < self::BAR[0] => '',
                $width < self::BAR[1] => $this->day($window->from),
                default => $this->words($window),
            },
            'y' => self::AROUND + $row * self::ROW, 'name' => $this->name($window), 'words' => $this->words($window),
            'version' => $this->version($window), 'priority' => $window->priority,
            'ratio' => $size === null ? 5 : $size->width / $size->height, 'for' => self::called($lane),
        ];
    }

    /** @return array<int, list<string>> its cards */
    private function of(Lane $lane): array
    {
        return match (true) {
            $lane->label === '' => $this->cards,
            $lane->label === null => array_intersect_key($this->cards, array_flip(array_merge(...array_map(
                fn (array $bar) => $bar[0]->audience->cards, $lane->bars,
            )))),
            default => array_filter($this->cards, fn (array $labels) => in_array($lane->label, $labels, true)),
        };
    }

    private static function called(Lane $lane): string
    {
        return match ($lane->label) {
            '' => __('Everyone'), null => __('Single cards'), default => $lane->label
        };
    }

    /** @param  float  $width  room for it, percent of the timeline */
    private function nothing(Stretch $gap, float $width): string
    {
        $days = (int) round(($gap->until - $gap->from) / 86_400);

        return match (true) {
            $width < self::NARROW[0] => '',
            $width < self::NARROW[1] => "$days d",
            $gap->until >= $this->ends => __('nothing from :day', ['day' => $this->day($gap->from)]),
            default => "nothing, $days days",
        };
    }

    private function range(Stretch $stretch): string
    {
        $from = $this->day($stretch->from);
        $until = $this->day($stretch->until - 1);

        return match (true) {
            $stretch->until >= $this->ends => __('from :day on', ['day' => $from]),
            $from === $until => __('on :day', ['day' => $from]),
            default => __('from :day to :until', ['day' => $from, 'until' => $until]),
        };
    }

    private function day(int $moment): string
    {
        return Moments::day(Clock::day($moment, $this->workspace->clock())->iso, 'short');
    }

    /** @param  list<string>  $parts */
    private static function listed(array $parts): string
    {
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts)." and $last";
    }
}
