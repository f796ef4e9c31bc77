<?php

namespace InkyCard\Layout;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Row;
use InkyCard\Card\Arrangement\Slot;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Edit\TunePiece;

/**
 * Lays a sheet out in tables, once for whoever needs them: the composer writes
 * them, the measure finds out how large they come out.
 */
final readonly class Framer
{
    /** Inside a band, CSS px. */
    private const BAND = 14;

    private bool $rtl;

    /** @var array{above: int, lines: int, blocks: int, columns: int} */
    private array $gaps;

    private function __construct(private Sheet $sheet)
    {
        $this->gaps = $sheet->card->style->gaps;
        $this->rtl = $sheet->card->direction() === 'rtl';
    }

    /** The whole card; a table without rows when nothing is shown. */
    public static function table(Sheet $sheet): Table
    {
        return (new self($sheet))->rows();
    }

    private function rows(): Table
    {
        $rows = [];
        foreach ($this->sheet->card->arrangement->rows as $row) {
            $columns = [];
            foreach ($row->slots as $slot) {
                $lines = $this->lines($slot);
                if ($lines !== []) {
                    $columns[] = [$slot, $lines];
                }
            }
            if ($columns !== []) {
                array_push($rows, ...$this->row($row, $columns, $rows === []));
            }
        }

        $room = $this->sheet->card->style->ground;

        return $room === null || $rows === []
            ? new Table($rows)
            : Table::row(
                new Cell(
                    new Table($rows),
                    [$room, $room, $room, $room],
                    ground: $this->sheet->card->style->ink(InkRole::Paper),
                ),
            );
    }

    /**
     * @param  non-empty-list<array{Slot, list<non-empty-list<Placed>>}>  $columns
     * @return list<non-empty-list<Cell>>
     */
    private function row(Row $row, array $columns, bool $first): array
    {
        $rows = [];
        if ($row->ruled && ! $first) {
            $rows[] = [new Cell($this->rule(), [$row->gap, 0, 0, 0])];
        }
        $gap = $first ? $this->gaps['above'] : $row->gap;
        $last = count($columns) - 1;
        if ($last === 0 && ! $columns[0][0]->band) {
            // One column is rows like any others: no table of its own.
            return [...$rows, ...$this->column($columns[0][0], $columns[0][1], $gap)];
        }
        $cells = [];
        foreach ($columns as $index => [$slot, $lines]) {
            $ruled = $slot->ruled && $index > 0 && $this->sheet->card->style->rule > 0;
            $padding = $slot->band
                ? [self::BAND, self::BAND, self::BAND, self::BAND]
                : $this->sides(
                    $ruled
                        ? $this->gaps['columns']
                        : ($index > 0 && $columns[$index - 1][0]->band
                            ? $this->gaps['columns']
                            : 0),
                    $index < $last ? $this->gaps['columns'] : 0,
                );
            $column = $this->column($slot, $lines, 0);
            // One line alone needs no table around it.
            $only = count($column) === 1 ? $column[0][0] : null;
            $cells[] = new Cell(
                $only->content ?? new Table($column, $this->side($slot->align)),
                $padding,
                $slot->valign,
                $only->align ?? $this->side($slot->align),
                $slot->band ? $this->sheet->card->style->ink(InkRole::Accent) : null,
                pieces: $only->pieces ?? [],
                border: $ruled
                    ? [
                        $this->rtl ? 'right' : 'left',
                        $this->sheet->card->style->rule,
                        $this->sheet->card->style->ink($this->sheet->card->style->ruleInk),
                    ]
                    : null,
            );
        }
        $rows[] = [new Cell(Table::row(...$cells), [$gap, 0, 0, 0])];

        return $rows;
    }

    /** @return list<non-empty-list<Placed>> */
    private function lines(Slot $slot): array
    {
        if ($slot->contact === null && ! $slot->flow && count($slot->zones) === 1) {
            return $this->sheet->lines($slot->zones[0]);
        }
        $lines = [];
        foreach ($slot->zones as $zone) {
            foreach ($this->sheet->lines($zone) as $line) {
                if ($slot->contact === null || $slot->contact === $line[0]->pieces[0]->kind->isContact()) {
                    $lines[] = $line;
                }
            }
        }

        return $slot->flow ? $this->flow($lines) : $lines;
    }

    /**
     * Text lines run on in one line; whatever else there is keeps a line of its own.
     *
     * @param  list<non-empty-list<Placed>>  $lines
     * @return list<non-empty-list<Placed>>
     */
    private function flow(array $lines): array
    {
        $flowing = null;
        $others = [];
        foreach ($lines as $line) {
            [$placed] = $line;
            if (count($line) > 1 || ! $placed->block instanceof LineBlock) {
                $others[] = $line;
            } elseif ($flowing === null) {
                $flowing = new Placed($placed->block->bare(), $placed->pieces);
            } else {
                $flowing = $flowing->followedBy($placed, TunePiece::SEPARATOR, $this->sheet->card->style);
            }
        }

        return $flowing === null ? $others : [[$flowing], ...$others];
    }

    /**
     * @param  list<non-empty-list<Placed>>  $lines
     * @param  int  $above  gap above the first, CSS px
     * @return list<non-empty-list<Cell>> one cell a row
     */
    private function column(Slot $slot, array $lines, int $above): array
    {
        $rows = [];
        $previous = null;
        foreach ($lines as $line) {
            $gap
                = $previous === null
                    ? $above
                    : $line[0]->gap()
                        ?? ($previous instanceof LineBlock && $line[0]->block instanceof LineBlock
                            ? $this->gaps['lines']
                            : $this->gaps['blocks']);
            $previous = $line[0]->block;
            $rows[] = [$this->line($slot, $line, $gap)];
        }

        return $rows;
    }

    /** @param  non-empty-list<Placed>  $line */
    private function line(Slot $slot, array $line, int $gap): Cell
    {
        $align = $this->side($line[0]->pieces[0]->tuning->align ?? $slot->align);
        if (count($line) === 1) {
            return new Cell(
                $this->block($line[0]->block, $align), [$gap, 0, 0, 0], align: $align, pieces: $line[0]->pieces,
            );
        }
        $cells = [];
        foreach ($line as $index => $placed) {
            $cells[] = new Cell(
                $this->block($placed->block, null), $this->sides($index === 0 ? 0 : $this->gaps['blocks'], 0), 'middle',
                pieces: $placed->pieces,
            );
        }

        return new Cell(new Table([$cells], $align), [$gap, 0, 0, 0], align: $align);
    }

    /** @param  'left'|'center'|'right'|null  $align */
    private function block(Block $block, ?string $align): Table|Block
    {
        [$high, $wide] = $this->sheet->card->style->buttonRoom;

        return match (true) {
            $block instanceof MarksBlock => new Table([array_map(
                fn (int $index, PictureBlock $mark) => new Cell($mark, $this->sides($index === 0 ? 0 : $block->gap, 0)),
                array_keys($block->marks), $block->marks,
            )], $align),
            $block instanceof ButtonBlock => new Table([[new Cell(
                new LineBlock([$block->words]),
                [$high, $wide, $high, $wide],
                'middle', 'center', $block->ground, $block->radius,
            )]], $align, $this->sheet->card->style->wordButton && $block->radius > 0 ? $block : null),
            $block instanceof LineBlock && $block->symbol !== null => new Table([[
                new Cell($block->symbol, $this->sides(0, 6), 'middle'),
                new Cell($block->bare(), valign: 'middle'),
            ]], $align),
            default => $block,
        };
    }

    private function rule(): RuleBlock
    {
        $style = $this->sheet->card->style;

        return new RuleBlock($style->ink($style->ruleInk), max(1, $style->rule));
    }

    /** @return array{int, int, int, int} padding with these gaps before and after in reading direction */
    private function sides(int $start, int $end): array
    {
        return $this->rtl ? [0, $start, 0, $end] : [0, $end, 0, $start];
    }

    /** @return 'left'|'center'|'right'|null */
    private function side(?string $align): ?string
    {
        return $align === 'center' ? 'center' : ($align === 'end' ? ($this->rtl ? 'left' : 'right') : null);
    }
}
