<?php

namespace InkyCard\Layout\Own;

use InkyCard\Type\FontStack;

/** Blocks as browsers lay them out: margins collapse (CSS 2.2, 8.3.1), tables share out their room (17.5.2). */
final readonly class OwnLayout
{
    public function __construct(private FontStack $typeface)
    {
    }

    /** @return array{float, float} narrowest and widest, CSS px */
    public function range(OwnFlow $flow): array
    {
        $least = $most = 0.0;
        foreach ($flow->items as $item) {
            [$low, $high] = match (true) {
                $item instanceof OwnLines => $item->range($this->typeface),
                $item instanceof OwnBlock => $this->blockRange($item),
                $item instanceof OwnGrid => $this->gridRange($item),
                default => throw new \LogicException('Nobody measures '.$item::class),
            };
            [$least, $most] = [max($least, $low), max($most, $high)];
        }

        return [$least, $most];
    }

    /** @return array{float, float} width and height where nothing collapses through its ends, as in a cell, CSS px */
    public function size(OwnFlow $flow, float $room): array
    {
        return array_slice($this->laid($flow, $room), 0, 2);
    }

    /** @return array{float, float, list<OwnPlace>} the same, and what stands where */
    public function laid(OwnFlow $flow, float $room): array
    {
        [$width, $height, $placed, $above, $below] = $this->stack($flow, $room);

        return [$width, $above + $height + $below, self::moved($placed, 0.0, $above)];
    }

    /** @return array{float, float, list<OwnPlace>, float, float} margins that stick out above and below are the last */
    private function stack(OwnFlow $flow, float $room): array
    {
        $width = $height = $pending = 0.0;
        $above = null;
        $placed = [];
        foreach ($flow->items as $item) {
            [$wide, $high, $inside, $top, $bottom] = match (true) {
                $item instanceof OwnLines => [...$item->laid($this->typeface, $room), 0.0, 0.0],
                $item instanceof OwnGrid => [...$this->grid($item, $room), 0.0, 0.0],
                $item instanceof OwnBlock => $this->block($item, $room),
                default => throw new \LogicException('Nobody lays out '.$item::class),
            };
            $pending = max($pending, $top);
            if ($high <= 0 && $item instanceof OwnBlock) {
                $pending = max($pending, $bottom);

                continue;
            }
            $height += $above === null ? 0.0 : $pending;
            $above ??= $pending;
            array_push($placed, ...self::moved($inside, 0.0, $height));
            $height += $high;
            $pending = $bottom;
            $width = max($width, $wide);
        }

        return [$width, $height, $placed, $above ?? 0.0, $pending];
    }

    /** @return array{float, float, list<OwnPlace>, float, float} */
    private function block(OwnBlock $block, float $room): array
    {
        [$width, $height, $placed, $above, $below]
            = $this->stack($block->flow, $block->width ?? $room - $block->sides());
        [$top, , $bottom, $left] = $block->margin;
        $down = $block->edge[0];
        if ($block->edge[0] > 0) {
            $height += $above;
            $down += $above;
        } else {
            $top = max($top, $above);
        }
        if ($block->edge[2] > 0 || $block->height > $height) {
            $height += $below;
        } else {
            $bottom = max($bottom, $below);
        }

        return [
            ($block->width ?? $width) + $block->sides(),
            max($height, $block->height) + $block->edge[0] + $block->edge[2],
            self::moved($placed, $left + $block->edge[3], $down), $top, $bottom,
        ];
    }

    /**
     * @param  list<OwnPlace>  $placed
     * @return list<OwnPlace>
     */
    private static function moved(array $placed, float $right, float $down): array
    {
        return array_map(fn (OwnPlace $one) => $one->move($right, $down), $placed);
    }

    /** @return array{float, float} */
    private function blockRange(OwnBlock $block): array
    {
        [$least, $most] = $block->width === null ? $this->range($block->flow) : [$block->width, $block->width];

        return [$least + $block->sides(), $most + $block->sides()];
    }

    /** @return array{float, float} */
    private function gridRange(OwnGrid $grid): array
    {
        [$narrow, $wide] = $this->columnRanges($grid);
        $gaps = $grid->gap * (count($narrow) + 1);
        $least = array_sum($narrow) + $gaps;
        $said = is_float($grid->width) ? $grid->width : 0.0;

        return [max($least, $said), max($said > 0 ? $least : array_sum($wide) + $gaps, $said)];
    }

    /** @return array{list<float>, list<float>} narrowest and widest width of each column */
    private function columnRanges(OwnGrid $grid): array
    {
        $narrow = $wide = [];
        // Cells of several columns ask for what those of one leave.
        foreach ([1, 2] as $pass) {
            foreach ($grid->rows as $row) {
                $at = 0;
                foreach ($row as [$cell, $span]) {
                    if (($span === 1) === ($pass === 1)) {
                        [$least, $most] = $this->cellRange($cell);
                        self::ask($narrow, $at, $span, $least - ($span - 1) * $grid->gap);
                        self::ask($wide, $at, $span, $most - ($span - 1) * $grid->gap);
                    }
                    $at += $span;
                }
            }
        }
        ksort($narrow);
        ksort($wide);

        return [array_values($narrow), array_values($wide)];
    }

    /** @return array{float, float} */
    private function cellRange(OwnBlock $cell): array
    {
        [$least, $most] = $this->range($cell->flow);
        $most = $cell->width === null ? $most : max($least, $cell->width);

        return [$least + $cell->sides(), $most + $cell->sides()];
    }

    /**
     * @param  array<int, float>  $columns  added to
     */
    private static function ask(array &$columns, int $at, int $span, float $width): void
    {
        $has = 0.0;
        for ($column = $at; $column < $at + $span; $column++) {
            $has += $columns[$column] ??= 0.0;
        }
        for ($column = $at; $column < $at + $span && $width > $has; $column++) {
            $columns[$column] += ($width - $has) / $span;
        }
    }

    /** @return array{float, float, list<OwnPlace>} */
    private function grid(OwnGrid $grid, float $room): array
    {
        [$narrow, $wide] = $this->columnRanges($grid);
        $gaps = $grid->gap * (count($narrow) + 1);
        $columns = self::shared($narrow, $wide, match (true) {
            is_string($grid->width) => $room * (float) $grid->width / 100 - $gaps,
            $grid->width !== null => $grid->width - $gaps,
            default => min($room - $gaps, array_sum($wide)),
        });
        $y = $grid->rows === [] ? 0.0 : $grid->gap;
        $placed = [];
        foreach ($grid->rows as $row) {
            [$tallest, $inside] = $this->row($row, $columns, $grid->gap);
            array_push($placed, ...self::moved($inside, 0.0, $y));
            $y += $tallest + $grid->gap;
        }

        return [array_sum($columns) + $gaps, $y, $placed];
    }

    /**
     * @param  list<array{OwnBlock, int}>  $row
     * @param  list<float>  $columns
     * @return array{float, list<OwnPlace>} height
     */
    private function row(array $row, array $columns, float $gap): array
    {
        $at = 0;
        $x = $gap;
        $tallest = 0.0;
        $cells = [];
        foreach ($row as [$cell, $span]) {
            $width = array_sum(array_slice($columns, $at, $span)) + ($span - 1) * $gap;
            [, $high, $inside] = $this->laid($cell->flow, $width - $cell->sides());
            $cells[] = [$x + $cell->edge[3], $high, $cell, $inside];
            $tallest = max($tallest, max($high, $cell->height) + $cell->edge[0] + $cell->edge[2]);
            $at += $span;
            $x += $width + $gap;
        }
        $placed = [];
        foreach ($cells as [$left, $high, $cell, $inside]) {
            // In the middle of its row, as cells stand that say nothing.
            $spare = $tallest - $high - $cell->edge[0] - $cell->edge[2];
            array_push($placed, ...self::moved($inside, $left, $cell->edge[0] + $spare / 2));
        }

        return [$tallest, $placed];
    }

    /**
     * What columns get of a room: what they cannot do without, and of the rest by how much more they would like.
     *
     * @param  list<float>  $narrow
     * @param  list<float>  $wide
     * @return list<float>
     */
    private static function shared(array $narrow, array $wide, float $room): array
    {
        [$least, $most] = [array_sum($narrow), array_sum($wide)];
        if ($room > $most && $most > 0) {
            return array_map(fn (float $width) => $width * $room / $most, $wide);
        }
        $share = $most > $least ? max(0.0, $room - $least) / ($most - $least) : 0.0;

        return array_map(fn (float $low, float $high) => $low + ($high - $low) * $share, $narrow, $wide);
    }
}
