<?php

namespace InkyCard\Clicks;

/** Presses day by day, days without any among them. */
final readonly class Series
{
    /** @param  non-empty-array<string, int>  $days  YYYY-MM-DD => presses, every day in order */
    private function __construct(public array $days)
    {
    }

    /**
     * @param  array<string, int>  $counts  YYYY-MM-DD => presses; days may be missing, others are left out
     * @param  string  $last  its last day, YYYY-MM-DD
     * @param  int<1, max>  $length  days
     */
    public static function of(array $counts, string $last, int $length): self
    {
        $days = [];
        $day = new \DateTimeImmutable($last, new \DateTimeZone('UTC'));
        for ($back = $length - 1; $back >= 0; $back--) {
            $name = $day->modify("-$back days")->format('Y-m-d');
            $days[$name] = $counts[$name] ?? 0;
        }

        return new self($days);
    }

    public function total(): int
    {
        return array_sum($this->days);
    }

    public function most(): int
    {
        return max($this->days);
    }

    /**
     * The series as SVG path data: a line from day to day, the most as high as there is room.
     *
     * @param  int  $most  what the whole height stands for; 0 for the series' own most
     */
    public function path(int $width, int $height, int $most = 0): string
    {
        $most = max(1, $most ?: $this->most());
        $step = $width / max(1, count($this->days) - 1);
        $points = [];
        foreach (array_values($this->days) as $index => $presses) {
            $points[] = round($index * $step, 1).' '.round($height - $presses / $most * $height, 1);
        }

        return 'M'.implode('L', $points);
    }
}
