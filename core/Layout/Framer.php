<?php

namespace InkyCard\Layout;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Row;
use InkyCard\Card\Arrangement\Slot;
use InkyCard\Card\Card;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\InitialsBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Style\ButtonLook;
use InkyCard\Card\Style\Panel;
use InkyCard\Card\Style\Spacing;

// PHP compiles it away where it need not look for one of this namespace: asked at every composing.
use function count;

/**
 * Lays a card out in tables, once for whoever needs them: the composer writes
 * them, the measure finds out how large they come out.
 */
final readonly class Framer
{
    /** Between a call's symbol and its words, CSS px. */
    public const SIGN = 7;

    /** Between the letter and the card, CSS px. */
    private const LETTER = 14;

    private bool $rtl;

    /** The card is wider than what is on it: tables within it take all its room. */
    private bool $wide;

    private Spacing $spacing;

    /** @param  array<string, list<non-empty-list<Placed>>>  $zones  zone => its lines */
    private function __construct(private Card $card, private array $zones)
    {
        $this->spacing = $card->style->spacing;
        $this->rtl = $card->direction() === 'rtl';
        $this->wide = ($card->style->background->wide ?? 0) > 0;
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
        $rows = $letter = [];
        $panelled = false;
        foreach ($this->card->arrangement->rows as $row) {
            $columns = [];
            $panels = false;
            foreach ($row->slots as $slot) {
                $lines = $this->lines($slot);
                if ($lines !== []) {
                    $columns[] = [$slot, $lines];
                    $panels = $panels || $this->card->panel($slot) !== null;
                }
            }
            if ($columns !== []) {
                // Two backgrounds touch; what is in them stands apart by their own padding.
                array_push($rows, ...$this->row($row, $columns, $rows === [], $panelled && $panels ? 0 : $row->gap));
                $panelled = $panels;
            }
            // What comes before the card is the end of the letter, and stands on its paper.
            if ($this->card->style->background !== null && $row->slots[0]->zones === [Zone::Before]) {
                [$letter, $rows] = [$rows, []];
            }
        }

        return $rows === [] ? new Table($letter) : $this->onPaper($rows, $letter);
    }

    /**
     * @param  non-empty-list<non-empty-list<Cell>>  $rows
     * @param  list<non-empty-list<Cell>>  $letter  above it
     */
    private function onPaper(array $rows, array $letter): Table
    {
        $paper = $this->card->style->background;
        if ($paper === null) {
            return new Table($rows);
        }
        $inside = max(0, $paper->radius - $paper->line);
        $table = new Table($rows, stretches: $this->wide);
        $rule = $this->card->style->rule;

        $card = new Cell(
            $inside > 0 && $paper->padding === 0 ? CutCorners::cut($table, $inside, $this->rtl) : $table,
            array_fill(0, 4, $paper->padding),
            surface: new Surface(
                $this->card->style->ink(InkRole::Paper), $paper->radius ?: null,
                $paper->line === 0 ? null : new Border('all', $paper->line, $this->card->style->ink($rule->ink)),
                $paper->picture === null ? null
                    : Behind::block($paper->picture, $this->card->style->ink(InkRole::Paper)),
            ),
        );
        if ($letter === []) {
            return new Table([[$card]], wide: $paper->wide ?: null);
        }

        return new Table([...$letter, [new Cell(
            new Table([[$card]], stretches: $this->wide), [self::LETTER, 0, 0, 0],
        )]], wide: $paper->wide ?: null);
    }

    /**
     * @param  non-empty-list<array{Slot, list<non-empty-list<Placed>>}>  $columns
     * @param  int  $gap  above it, CSS px, when something stands above
     * @return list<non-empty-list<Cell>>
     */
    private function row(Row $row, array $columns, bool $first, int $gap): array
    {
        $rows = $row->ruled && ! $first ? [[new Cell($this->rule(), [$row->over ?? $gap, 0, 0, 0])]] : [];
        $gap = $first ? $this->spacing->above : $gap;
        [$only] = $columns[0];
        if (count($columns) === 1 && $this->card->panel($only) === null && ! $only->edged) {
            // One column is rows like any others: no table of its own.
            return [...$rows, ...$this->column($only, $columns[0][1], $gap)];
        }
        $cells = [];
        foreach ($columns as $index => [$slot, $lines]) {
            $before = $index === 0 ? null : $columns[$index - 1][0];
            $cells[] = $this->cell($slot, $lines, $before, $index === count($columns) - 1 || $row->wraps);
        }
        if (count($cells) === 1 && $gap === 0 && ! $only->tab) {
            return [...$rows, [$cells[0]]];
        }

        return [...$rows, [new Cell(
            $row->wraps && count($cells) > 1 ? $this->wrapping($cells)
                : new Table([$cells], stretches: $this->wide && ! $only->tab),
            [$gap, 0, 0, 0],
        )]];
    }

    /** @param  non-empty-list<Cell>  $cells */
    private function wrapping(array $cells): Wrapping
    {
        $between = $this->spacing->columns;

        return new Wrapping(array_map(fn (Cell $cell) => Table::row(new Cell(
            new Table([[$cell]]), $this->rtl ? [0, 0, $this->spacing->lines, $between]
                : [0, $between, $this->spacing->lines, 0],
        )), $cells), $this->rtl ? 'right' : 'left');
    }

    /**
     * One column of several.
     *
     * @param  list<non-empty-list<Placed>>  $lines
     * @param  ?Slot  $before  the column it follows
     */
    private function cell(Slot $slot, array $lines, ?Slot $before, bool $last): Cell
    {
        $ruled = $this->card->style->rule->width > 0 && ($slot->edged || ($slot->ruled && $before !== null));
        $apart = $ruled || ($before !== null && $this->card->panel($before) !== null) ? $this->spacing->columns : 0;
        $panel = $this->card->panel($slot);
        $side = $this->side($slot->align);
        $column = $this->column($slot, $lines, 0);
        // One line alone needs no table around it.
        $only = count($column) === 1 ? $column[0][0] : null;

        return new Cell(
            $only->content ?? new Table($column, $side, stretches: $this->wide && $side === null),
            $panel === null ? $this->sides($apart, $last ? 0 : $this->spacing->columns)
                : array_fill(0, 4, $panel->padding),
            $only->align ?? $side,
            $only->pieces ?? [],
            $slot->valign,
            $this->surface($panel, $ruled),
            $this->wide && ($before !== null || ! $last) ? self::fixed($lines) : null,
        );
    }

    /** @param  bool  $ruled  a rule runs down its leading edge */
    private function surface(?Panel $panel, bool $ruled): ?Surface
    {
        $style = $this->card->style;
        $rule = $style->rule;
        $border = ! $ruled ? null
            : new Border($this->rtl ? 'right' : 'left', $rule->width, $style->ink($rule->ink), $rule->style);
        if ($panel === null) {
            return $border === null ? null : new Surface(border: $border);
        }
        $fill = $style->fill($panel) ?? ($panel->picture === null ? null : $style->ink(InkRole::Paper));

        return new Surface(
            $fill, $panel->radius ?: null, $border,
            $panel->picture === null || $fill === null ? null : Behind::block($panel->picture, $fill),
        );
    }

    /**
     * How wide a column of pictures is: in a card wider than what is on it words have the room.
     *
     * @param  list<non-empty-list<Placed>>  $lines
     */
    private static function fixed(array $lines): ?int
    {
        $widest = 0;
        foreach (array_merge(...$lines) as $placed) {
            $block = $placed->block;
            $width = match (true) {
                $block instanceof PictureBlock => $block->isFluid() ? null : $block->width,
                $block instanceof InitialsBlock => $block->size,
                default => null,
            };
            if ($width === null) {
                return null;
            }
            $widest = max($widest, $width);
        }

        return $widest;
    }

    /** @return list<non-empty-list<Placed>> */
    private function lines(Slot $slot): array
    {
        if ($slot->contact === null && $slot->firm === null && ! $slot->flow && count($slot->zones) === 1) {
            return $this->zones[$slot->zones[0]->value] ?? [];
        }
        $lines = [];
        foreach ($slot->zones as $zone) {
            foreach ($this->zones[$zone->value] ?? [] as $line) {
                $piece = $line[0]->pieces[0];
                if ($slot->holds($zone, $piece->can(Capability::Contact), $piece->can(Capability::Firm))) {
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
                $flowing = $flowing->followedBy(
                    $placed, LineBlock::SEPARATOR, $this->card->styleOf($placed->pieces[0]),
                );
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
        if ($slot->table !== null) {
            [$rows, $lines] = LabelledRows::of($this->card, $slot, $lines, $above, $this->wide);
            $above = $rows === [] ? $above : $this->spacing->blocks;
        }
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
                $this->block($line[0]->block, $align), [$gap, 0, 0, 0], $align, $line[0]->pieces,
            );
        }
        $cells = [];
        foreach ($line as $index => $placed) {
            $cells[] = new Cell(
                $this->block($placed->block, null), $this->sides($index === 0 ? 0 : $this->spacing->blocks, 0),
                null, $placed->pieces, 'middle',
            );
        }

        return new Cell(new Table([$cells], $align), [$gap, 0, 0, 0], $align);
    }

    /** @param  'left'|'center'|'right'|null  $align */
    private function block(Block $block, ?string $align): Table|Block
    {
        return match (true) {
            $block instanceof LineBlock && $block->symbol === null => $block,
            $block instanceof MarksBlock => new Table([$this->marks($block)], $align),
            $block instanceof ButtonBlock => $this->button($block, $align),
            $block instanceof InitialsBlock => new Table([[new Cell(
                new LineBlock([$block->letters]), align: 'center', valign: 'middle',
                surface: new Surface($block->fill, $block->radius ?: null), width: $block->size,
            )]], $align),
            $block instanceof LineBlock => new Table([[
                new Cell($block->symbol, $this->sides(0, 6), valign: 'middle'),
                new Cell($block->bare(), valign: 'middle'),
            ]], $align),
            default => $block,
        };
    }

    /** @return non-empty-list<Cell> */
    private function marks(MarksBlock $block): array
    {
        $cells = [];
        $padding = [0, 0, 0, 0];
        foreach ($block->marks as $mark) {
            $cells[] = new Cell($mark, $padding);
            $padding = $this->sides($block->spacing, 0);
        }

        return $cells;
    }

    /** @param  'left'|'center'|'right'|null  $align */
    private function button(ButtonBlock $button, ?string $align): Table
    {
        $look = $button->look;
        $words = new LineBlock([$button->words]);
        if ($button->symbol !== null) {
            $cells = [
                new Cell($button->symbol, $this->sides($button->last ? self::SIGN : 0, $button->last ? 0 : self::SIGN),
                    valign: 'middle'),
                new Cell($words, valign: 'middle'),
            ];
            $words = Table::row(...$button->last ? array_reverse($cells) : $cells);
        }
        // A line around it takes the room of its padding: with and without one it is as large.
        $line = $look->outlined ? ButtonLook::LINE : 0;
        [$high, $wide] = [max(0, $look->high - $line), max(0, $look->wide - $line)];

        return new Table([[new Cell(
            $words, [$high, $wide, $high, $wide], 'center', [], 'middle', $look->outlined
                ? new Surface(null, $look->radius, new Border('all', $line, $button->colour))
                : new Surface($button->colour, $look->radius),
        )]], $align, $look->word && $look->radius > 0 ? $button : null, $look->full && ! $button->beside);
    }

    private function rule(): RuleBlock
    {
        $style = $this->card->style;

        return new RuleBlock($style->ink($style->rule->ink), max(1, $style->rule->width), $style->rule->style);
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
