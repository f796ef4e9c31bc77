<?php

namespace InkyCard\Layout;

/** Backgrounds that reach the round corners of what they stand in are cut as it is. */
final class CutCorners
{
    public static function cut(Table $table, int $radius, bool $rtl): Table
    {
        return self::table($table, array_fill(0, 4, $radius), $rtl);
    }

    /** @param  array{int, int, int, int}  $radius  of each corner from the top left clockwise, CSS px */
    private static function table(Table $table, array $radius, bool $rtl): Table
    {
        $rows = [];
        $lowest = count($table->rows) - 1;
        foreach ($table->rows as $at => $row) {
            $cells = [];
            foreach ($row as $index => $cell) {
                $left = $rtl ? $index === count($row) - 1 : $index === 0;
                $right = $rtl ? $index === 0 : $index === count($row) - 1;
                $cells[] = self::cell($cell, [
                    $at === 0 && $left ? $radius[0] : 0, $at === 0 && $right ? $radius[1] : 0,
                    $at === $lowest && $right ? $radius[2] : 0, $at === $lowest && $left ? $radius[3] : 0,
                ], $rtl);
            }
            $rows[] = $cells;
        }

        return new Table($rows, $table->align, $table->button, $table->stretches, $table->wide);
    }

    /** @param  array{int, int, int, int}  $radius */
    private static function cell(Cell $cell, array $radius, bool $rtl): Cell
    {
        return match (true) {
            array_sum($radius) === 0 => $cell,
            $cell->surface?->colour !== null => $cell->on($cell->surface->rounded($radius)),
            $cell->content instanceof Table && $cell->sides() + $cell->ends() === 0 => $cell->holding(
                self::table($cell->content, $radius, $rtl),
            ),
            default => $cell,
        };
    }
}
