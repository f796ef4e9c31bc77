<?php

namespace InkyCard\Layout;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Row;
use InkyCard\Card\Arrangement\Slot;
use InkyCard\Card\Card;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Style\Spacing;

/**
 * Lays a card out in tables, once for whoever needs them: the composer writes
 * them, the measure finds out how large they come out.
 */
final readonly class Framer
{
    /** Inside a band, CSS px. */
    private const BAND = 14;

    private bool $rtl;

    private Spacing $spacing;

    /** @param  array<string, list<non-empty-list<Placed>>>  $zones  zone => its lines */
    private function __construct(private Card $card, private array $zones)
    {
        $this->spacing = $card->style->spacing;
        $this->rtl = $card->direction() === 'rtl';
    }

    /**
     * The whole card; a table without rows when nothing is shown.
     *
     * @param  array<string, list<non-empty-list<Placed>>>  $zones  zone => its lines
     */
    public static function table(Card $card, array $zones): Table
    {
        return (new self($card, $zones))->rows();
    }

    private function rows(): Table
    {
        $rows = [];
        foreach ($this->card->arrangement->rows as $row) {
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

        $padding = $this->card->style->background?->padding;

        return $padding === null || $rows === [] ? new Table($rows) : Table::row(new Cell(
            new Table($rows), [$padding, $padding, $padding, $padding],
            background: $this->card->style->ink(InkRole::Paper),
        ));
    }

    /**
     * @param  non-empty-list<array{Slot, list<non-empty-list<Placed>>}>  $columns
     * @return list<non-empty-list<Cell>>
     */
    private function row(Row $row, array $columns, bool $first): array
    {
        $rows = $row->ruled && ! $first ? [[new Cell($this->rule(), [$row->gap, 0, 0, 0])]] : [];
        $gap = $first ? $this->spacing->above : $row->gap;
        [$only] = $columns[0];
        if (count($columns) === 1 && ! $only->band) {
            // One column is rows like any others: no table of its own.
            return [...$rows, ...$this->column($only, $columns[0][1], $gap)];
        }
        $cells = [];
        foreach ($columns as $index => [$slot, $lines]) {
            $before = $index === 0 ? null : $columns[$index - 1][0];
            $cells[] = $this->cell($slot, $lines, $before, $index === count($columns) - 1);
        }

        return [...$rows, [new Cell(Table::row(...$cells), [$gap, 0, 0, 0])]];
    }

    /**
     * One column of several.
     *
     * @param  list<non-empty-list<Placed>>  $lines
     * @param  ?Slot  $before  the column it follows
     */
    private function cell(Slot $slot, array $lines, ?Slot $before, bool $last): Cell
    {
        $style = $this->card->style;
        $ruled = $slot->ruled && $before !== null && $style->rule->width > 0;
        $apart = $ruled || $before?->band === true ? $this->spacing->columns : 0;
        $side = $this->side($slot->align);
        $column = $this->column($slot, $lines, 0);
        // One line alone needs no table around it.
        $only = count($column) === 1 ? $column[0][0] : null;

        return new Cell(
            $only->content ?? new Table($column, $side),
            $slot->band ? [self::BAND, self::BAND, self::BAND, self::BAND]
                : $this->sides($apart, $last ? 0 : $this->spacing->columns),
            $slot->valign,
            $only->align ?? $side,
            $slot->band ? $style->ink(InkRole::Accent) : null,
            pieces: $only->pieces ?? [],
            border: $ruled ? [$this->rtl ? 'right' : 'left', $style->rule->width,
                $style->ink($style->rule->ink)] : null,
        );
    }

    /** @return list<non-empty-list<Placed>> */
    private function lines(Slot $slot): array
    {
        if ($slot->contact === null && ! $slot->flow && count($slot->zones) === 1) {
            return $this->zones[$slot->zones[0]->value] ?? [];
        }
        $lines = [];
        foreach ($slot->zones as $zone) {
            foreach ($this->zones[$zone->value] ?? [] as $line) {
                if ($slot->contact === null || $slot->contact === $line[0]->pieces[0]->can(Capability::Contact)) {
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
                $flowing = $flowing->followedBy($placed, LineBlock::SEPARATOR, $this->card->style);
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
                            ? $this->spacing->lines
                            : $this->spacing->blocks);
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
                $this->block($placed->block, null), $this->sides($index === 0 ? 0 : $this->spacing->blocks, 0),
                'middle',
                pieces: $placed->pieces,
            );
        }

        return new Cell(new Table([$cells], $align), [$gap, 0, 0, 0], align: $align);
    }

    /** @param  'left'|'center'|'right'|null  $align */
    private function block(Block $block, ?string $align): Table|Block
    {
        $look = $this->card->style->button;

        return match (true) {
            $block instanceof MarksBlock => new Table([array_map(
                fn (int $index, PictureBlock $mark) => new Cell($mark, $this->sides($index === 0 ? 0 : $block->spacing,
                    0)),
                array_keys($block->marks), $block->marks,
            )], $align),
            $block instanceof ButtonBlock => new Table([[new Cell(
                new LineBlock([$block->words]),
                [$look->high, $look->wide, $look->high, $look->wide],
                'middle', 'center', $block->colour, $block->radius,
            )]], $align, $look->word && $block->radius > 0 ? $block : null),
            $block instanceof LineBlock && $block->symbol !== null => new Table([[
                new Cell($block->symbol, $this->sides(0, 6), 'middle'),
                new Cell($block->bare(), valign: 'middle'),
            ]], $align),
            default => $block,
        };
    }

    private function rule(): RuleBlock
    {
        $style = $this->card->style;

        return new RuleBlock($style->ink($style->rule->ink), max(1, $style->rule->width));
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
