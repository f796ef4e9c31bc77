<?php

namespace InkyCard\Picture;

use InkyCard\Refusal;

/** A name as it was written on the page, stroke by stroke. */
final readonly class Strokes
{
    private const MAX_BYTES = 1_000_000;

    private const MAX_POINTS = 6000;

    private const MAX_COORDINATE = 10_000;

    /** Strokes are drawn so many times larger and scaled back, which smooths them. */
    private const SMOOTH = 3;

    /** Of a pen's line at rest, as a share of the name's height. */
    private const PEN = 0.045;

    /** A slow pen leaves so much of its line more, a fast one so much less. */
    private const SPREAD = 0.45;

    /**
     * @param  list<non-empty-list<array{float, float, float}>>  $strokes  points as x, y from the name's top left and
     *                                                                     milliseconds from its start
     * @param  float  $width  of what was written, in the unit of x and y
     */
    private function __construct(public array $strokes, public float $width, public float $height)
    {
    }

    /**
     * Reads JSON: a list of strokes, each a list of points `{x, y, time}`; or an object with its points under `points`.
     *
     * @throws Refusal
     */
    public static function read(mixed $json): self
    {
        $given = is_string($json) && strlen($json) < self::MAX_BYTES ? json_decode($json, true, 8) : null;
        if (! is_array($given)) {
            throw self::torn();
        }
        $strokes = [];
        $count = 0;
        foreach ($given as $stroke) {
            $points = is_array($stroke) ? $stroke['points'] ?? $stroke : [];
            $count += is_array($points) ? count($points) : 0;
            if ($count > self::MAX_POINTS) {
                throw self::tooLarge();
            }
            $strokes[] = array_map(self::point(...), is_array($points) ? array_values($points) : []);
        }
        $strokes = array_values(array_filter($strokes));
        if ($count < 2 || $strokes === []) {
            throw Refusal::because('Nothing is written yet: write the name first.');
        }

        return self::settled($strokes);
    }

    /**
     * @return array{float, float, float}
     *
     * @throws Refusal
     */
    private static function point(mixed $given): array
    {
        if (! is_array($given)) {
            throw self::torn();
        }
        $point = [
            $given['x'] ?? $given[0] ?? null, $given['y'] ?? $given[1] ?? null, $given['time'] ?? $given[2] ?? 0,
        ];
        foreach ($point as $number) {
            if ((! is_int($number) && ! is_float($number)) || ! is_finite((float) $number)) {
                throw self::torn();
            }
        }
        if (max(abs($point[0]), abs($point[1])) > self::MAX_COORDINATE) {
            throw self::tooLarge();
        }

        return [(float) $point[0], (float) $point[1], (float) $point[2]];
    }

    private static function torn(): Refusal
    {
        return Refusal::because('The drawing did not arrive whole: write the name again.');
    }

    private static function tooLarge(): Refusal
    {
        return Refusal::because('The drawing is too large: write the name smaller, or with fewer strokes.');
    }

    /** @return list<list<array{float, float, float}>> JSON values `read` reads back */
    public function toArray(): array
    {
        return $this->strokes;
    }

    /** Height by width of the written name with its pen's line. */
    public function ratio(): float
    {
        $pen = 2 * $this->pen();

        return ($this->height + $pen) / ($this->width + $pen);
    }

    /**
     * The name in black on a transparent background, as large as fits.
     *
     * @param  float  $until  share of its points written so far, 0 to 1
     */
    public function drawn(int $width, int $height, float $until = 1): \GdImage
    {
        $large = Canvas::clear($width * self::SMOOTH, $height * self::SMOOTH);
        $pen = $this->pen();
        $scale = min($width / ($this->width + 2 * $pen), $height / ($this->height + 2 * $pen)) * self::SMOOTH;
        $left = ($width * self::SMOOTH - $this->width * $scale) / 2;
        $top = ($height * self::SMOOTH - $this->height * $scale) / 2;
        $left_to_draw = (int) ceil($until * array_sum(array_map('count', $this->strokes)));
        foreach ($this->strokes as $points) {
            $points = array_slice($points, 0, max(0, $left_to_draw));
            $left_to_draw -= count($points);
            $this->line($large, $points, $scale, $left, $top);
        }
        $canvas = Canvas::clear($width, $height);
        imagecopyresampled($canvas, $large, 0, 0, 0, 0, $width, $height, $width * self::SMOOTH, $height * self::SMOOTH);

        return $canvas;
    }

    /** @param  list<array{float, float, float}>  $points */
    private function line(\GdImage $canvas, array $points, float $scale, float $left, float $top): void
    {
        $pen = $this->pen() * $scale;
        $dot = fn (float $x, float $y, float $width) => imagefilledellipse(
            $canvas, (int) round($left + $x * $scale), (int) round($top + $y * $scale), max(1, (int) round($width)),
            max(1, (int) round($width)), 0,
        );
        $width = $pen;
        foreach ($points as $index => [$x, $y, $time]) {
            if ($index === 0) {
                $dot($x, $y, $pen);

                continue;
            }
            [$fromX, $fromY, $before] = $points[$index - 1];
            $length = hypot($x - $fromX, $y - $fromY);
            // In heights of the name a millisecond; a brisk hand does one in 150.
            $speed = min(1, 150 * $length / max(1, $this->height) / max(1, $time - $before));
            $to = $width + ($pen * (1 + self::SPREAD - 2 * self::SPREAD * $speed) - $width) * 0.4;
            // Through the points in a curve: control points from the neighbours (Catmull-Rom).
            [$pX, $pY] = $points[$index - 2] ?? $points[$index - 1];
            [$nX, $nY] = $points[$index + 1] ?? $points[$index];
            $steps = max(1, (int) ceil($length * $scale / max(1, $pen * 0.2)));
            for ($step = 1; $step <= $steps; $step++) {
                $t = $step / $steps;
                [$a, $b, $c, $d] = [
                    -($t ** 3) + 2 * $t ** 2 - $t, 3 * $t ** 3 - 5 * $t ** 2 + 2, -3 * $t ** 3 + 4 * $t ** 2 + $t,
                    $t ** 3 - $t ** 2,
                ];
                $dot(
                    ($a * $pX + $b * $fromX + $c * $x + $d * $nX) / 2,
                    ($a * $pY + $b * $fromY + $c * $y + $d * $nY) / 2,
                    $width + ($to - $width) * $t,
                );
            }
            $width = $to;
        }
    }

    /** Width of the pen's line, in the unit of x and y. */
    private function pen(): float
    {
        return max(1, self::PEN * max($this->height, $this->width / 6));
    }

    /** @param  non-empty-list<non-empty-list<array{float, float, float}>>  $strokes */
    private static function settled(array $strokes): self
    {
        $all = array_merge(...$strokes);
        [$left, $top, $start] = [min(array_column($all, 0)), min(array_column($all, 1)), min(array_column($all, 2))];

        return new self(
            array_map(
                fn (array $points) => array_map(
                    fn (array $p) => [round($p[0] - $left, 1), round($p[1] - $top, 1), round($p[2] - $start)],
                    $points,
                ),
                $strokes,
            ),
            max(array_column($all, 0)) - $left,
            max(array_column($all, 1)) - $top,
        );
    }
}
