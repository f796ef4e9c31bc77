<?php

namespace InkyCard\Layout;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Slot;
use InkyCard\Card\Card;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Piece;
use InkyCard\Colour\Oklch;

/** Contact lines as a list: a hairline over each, what it is, what it says. */
final class LabelledRows
{
    /** Above and below a row, CSS px. */
    private const HIGH = 4;

    /** Between label and value, CSS px. */
    private const APART = 18;

    /** Share of the paper in a hairline. */
    private const FAINT = 0.7;

    /**
     * @param  list<non-empty-list<Placed>>  $lines
     * @param  int  $above  spacing above the first, CSS px
     * @param  bool  $wide  rows run across all the room there is
     * @return array{list<non-empty-list<Cell>>, list<non-empty-list<Placed>>} rows, and lines that are no words alone
     */
    public static function of(Card $card, Slot $slot, array $lines, int $above, bool $wide): array
    {
        $rows = $others = [];
        foreach ($lines as $line) {
            if (count($line) === 1 && $line[0]->block instanceof LineBlock) {
                $rows[] = self::row($card, $slot, $line[0], $line[0]->block);
            } else {
                $others[] = $line;
            }
        }

        return [
            $rows === [] ? [] : [[new Cell(new Table($rows, stretches: $wide), [$above, 0, 0, 0])]], $others,
        ];
    }

    /** @return non-empty-list<Cell> */
    private static function row(Card $card, Slot $slot, Placed $placed, LineBlock $block): array
    {
        $style = $card->styleOf($placed->pieces[0]);
        $hair = new Surface(border: new Border('top', 1, Oklch::mixed(
            $style->ink(InkRole::Quiet), $style->ink(InkRole::Paper), self::FAINT,
        )));
        [$label, $value] = self::parts($card, $placed->pieces[0], $block);
        $end = $slot->table === 'end';
        $rtl = $card->direction() === 'rtl';
        $padding = fn (int $start, int $after): array => [self::HIGH, $rtl ? $start : $after, self::HIGH,
            $rtl ? $after : $start];

        return [
            new Cell($label, $padding(0, self::APART), null, $placed->pieces, surface: $hair),
            new Cell(
                $value, $padding(0, 0), $end ? ($rtl ? 'left' : 'right') : null, $placed->pieces, surface: $hair,
            ),
        ];
    }

    /** @return array{LineBlock, LineBlock} what it is, and what it says */
    private static function parts(Card $card, Piece $piece, LineBlock $block): array
    {
        $runs = $block->runs;
        if (count($runs) > 1 && str_ends_with($runs[0]->text, ' ') && $runs[0]->href === null) {
            return [new LineBlock([$runs[0]->saying(rtrim($runs[0]->text))]), new LineBlock(array_slice($runs, 1))];
        }
        $style = $card->styleOf($piece);

        return [new LineBlock([new TextRun(
            $card->word($piece), $style->ink(InkRole::Quiet), $runs[0]->size,
            lineHeight: $style->spacing->lineHeight,
        )]), $block->bare()];
    }
}
