<?php

namespace InkyCard\Clicks;

/** Clicks day by day, days without any among them. */
final readonly class Series
{
    /** @param  non-empty-array<string, int>  $days  YYYY-MM-DD => clicks, every day in order */
    private function __construct(public array $days)
    {
    }

    /**
     * @param  array<string, int>  $counts  day => clicks; days may be missing, others are left out
     * @param  non-empty-list<string>  $days  YYYY-MM-DD, in order
     */
    public static function of(array $counts, array $days): self
    {
        return new self(array_map(fn (string $day) => $counts[$day] ?? 0, array_combine($days, $days)));
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
        foreach (array_values($this->days) as $index => $clicks) {
            $points[] = round($index * $step, 1).' '.round($height - $clicks / $most * $height, 1);
        }

        return 'M'.implode('L', $points);
    }
}
