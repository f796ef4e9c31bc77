<?php

namespace InkyCard\Layout\Own;

use InkyCard\Layout\Box;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;
use InkyCard\Type\TextMeasure;

/** Words and pictures that share lines, up to a forced end. */
final class OwnLines implements OwnItem
{
    /** @var list<array{string, float, bool}> text, size in CSS px, bold */
    private array $runs = [];

    /** @var list<float> line height of each, CSS px */
    private array $leadings = [];

    /** @var list<array{float, float}> width and height, CSS px */
    private array $pictures = [];

    private bool $forced = false;

    /** A picture alone on its line stands on its bottom, without what letters hang below theirs. */
    private bool $alone = false;

    private ?TextMeasure $measure = null;

    /**
     * @param  float  $size  of the type of the block they stand in, CSS px
     * @param  float  $leading  its line height, CSS px: no line is lower
     */
    public function __construct(private readonly float $size, private readonly float $leading)
    {
    }

    public function add(string $text, float $size, bool $bold, float $leading): void
    {
        $this->runs[] = [$text, $size, $bold];
        $this->leadings[] = $leading;
    }

    public function picture(float $width, float $height, bool $alone): void
    {
        $this->pictures[] = [$width, $height];
        $this->alone = $alone;
    }

    public function forced(): void
    {
        $this->forced = true;
    }

    public function isEmpty(): bool
    {
        return ! $this->forced && $this->pictures === [] && trim(implode('', array_column($this->runs, 0)), ' ') === '';
    }

    private function text(FontStack $typeface): TextMeasure
    {
        return $this->measure ??= TextMeasure::of($typeface, $this->runs);
    }

    /** @return array{float, float} narrowest and widest, CSS px */
    public function range(FontStack $typeface): array
    {
        $widths = array_column($this->pictures, 0);

        return [
            max([$this->text($typeface)->narrowest(), ...$widths]),
            $this->text($typeface)->widest() + array_sum($widths),
        ];
    }

    /** @return array{float, float, list<OwnPlace>} width and height in so much room, CSS px, and what stands where */
    public function laid(FontStack $typeface, float $room): array
    {
        if ($this->pictures !== []) {
            return $this->pictured($typeface, $room);
        }
        $width = $height = 0.0;
        $placed = [];
        foreach ($this->text($typeface)->words($room) ?: [[0.0, []]] as [$wide, $stretches]) {
            [$above, $below] = $this->around($typeface, array_column($stretches, 0));
            $runs = array_map(fn (array $stretch) => [$stretch[1]] + $this->runs[$stretch[0]], $stretches);
            $placed[] = new OwnPlace(new Box(0.0, $height + $above, $wide, 0.0), $runs);
            $width = max($width, $wide);
            $height += $above + $below;
        }

        return [$width, $height, $placed];
    }

    /**
     * Pictures beside one another as far as there is room, words after them where they still fit.
     *
     * @return array{float, float, list<OwnPlace>}
     */
    private function pictured(FontStack $typeface, float $room): array
    {
        [$above, $below] = $this->alone ? [0.0, 0.0] : $this->around($typeface, array_keys($this->runs));
        $words = $this->text($typeface)->widest();
        $width = $height = $row = 0.0;
        $tall = $above;
        $placed = [];
        foreach ([...$this->pictures, ...($words > 0 ? [[$words, 0.0]] : [])] as [$wide, $high]) {
            if ($row > 0 && $row + $wide > $room) {
                $height += $tall + $below;
                $row = 0.0;
                $tall = $above;
            }
            $tall = max($tall, $high);
            $placed[] = new OwnPlace(
                new Box($row, $height + ($high > 0 ? 0.0 : $tall), $wide, $high), $high > 0 ? [] : $this->runs,
            );
            $row += $wide;
            $width = max($width, min($row, max($room, $wide)));
        }

        return [$width, $height + $tall + $below, $placed];
    }

    /**
     * What of a line is above its baseline, and below it.
     *
     * @param  list<int>  $runs  numbers of those on it
     * @return array{float, float} CSS px
     */
    private function around(FontStack $typeface, array $runs): array
    {
        $metrics = FontMetrics::of($typeface);
        $parts = [$metrics->aroundBaseline([$this->size], $this->leading)];
        foreach ($runs as $run) {
            $parts[] = $metrics->aroundBaseline([$this->runs[$run][1]], $this->leadings[$run]);
        }

        return [max(array_column($parts, 0)), max(array_column($parts, 1))];
    }
}
