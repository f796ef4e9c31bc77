<?php

namespace InkyCard\Card;

use InkyCard\Card\Arrangement\Cell;
use InkyCard\Refusal;

/** How zones become columns and rows: a grid, read top to bottom, cell by cell. */
final readonly class Arrangement
{
    /** @param  list<list<Cell>>  $rows  cells of one row stand side by side */
    private function __construct(public string $key, public string $label, public array $rows)
    {
    }

    /** @throws Refusal */
    public static function of(string $key): self
    {
        return self::all()[$key]
            ?? throw Refusal::because('Choose one of the arrangements: '.implode(', ', array_keys(self::all())).'.');
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        static $all = null;

        return $all ??= array_column([
            new self('picture-left', 'Picture left', [
                [new Cell(Zone::Before, gapBelow: 14)],
                [new Cell(Zone::Beside, gapRight: 16), new Cell(Zone::Text, ruled: true)],
                [new Cell(Zone::Under, gapAbove: 14)],
                [new Cell(Zone::After, gapAbove: 14)],
            ]),
        ], null, 'key');
    }
}
