<?php

namespace InkyCard\Banner;

use InkyCard\Card\Content\TextRun;
use InkyCard\Type\FontStack;
use InkyCard\Type\TextMeasure;

/** One of a banner's texts in a size, broken into lines. */
final readonly class WordBlock
{
    /** By its size: line heights. */
    private const LINE_HEIGHT = ['headline' => 1.14, 'line' => 1.3, 'call' => 1.3];

    /** @var list<array{float, list<array{int, string}>}> see TextMeasure::words */
    public array $lines;

    /** CSS px, with what is around it. */
    public float $width;

    public float $height;

    /** Of a line, CSS px. */
    public float $high;

    /**
     * @param  string  $part  `headline`, `line` or `call`
     * @param  float  $room  for its lines and what is on both sides of them, CSS px
     * @param  array{float, float}  $around  above and below, on both sides, CSS px
     */
    public function __construct(
        public string $part, public TextRun $run, FontStack $typeface, float $room, public array $around,
    ) {
        $measure = TextMeasure::of($typeface, [$run->measured()]);
        $inner = $room - 2 * $around[1];
        $this->lines = $inner <= 0 || $measure->narrowest() > $inner ? [] : $measure->words($inner);
        $this->high = $run->size * self::LINE_HEIGHT[$part];
        $this->width = max([0.0, ...array_column($this->lines, 0)]) + 2 * $around[1];
        $this->height = count($this->lines) * $this->high + 2 * $around[0];
    }

    /** Whether it stands whole, in so many lines at most. */
    public function fits(int $lines): bool
    {
        return $this->lines !== [] && count($this->lines) <= $lines;
    }
}
