<?php

namespace InkyCard\Layout;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Content\SpaceBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Layout\Own\OwnFlow;
use InkyCard\Layout\Own\OwnLayout;
use InkyCard\Layout\Own\OwnReader;
use InkyCard\Type\FontStack;
use InkyCard\Type\TextMeasure;

/**
 * Sizes of a card's tables as a browser lays them out: automatic table layout
 * (CSS 2.2, 17.5.2.2), separated borders without spacing, lines of exact height.
 */
final class Measure
{
    /** @var \SplObjectStorage<object, array{float, float}> narrowest and widest width of cells and tables */
    private \SplObjectStorage $ranges;

    /** @var \SplObjectStorage<object, TextMeasure> */
    private \SplObjectStorage $texts;

    /** @var \SplObjectStorage<object, OwnFlow> */
    private \SplObjectStorage $own;

    private readonly FontStack $typeface;

    private readonly Table $table;

    private readonly bool $rtl;

    /** Type size where nothing says otherwise, CSS px. */
    private readonly float $size;

    /** @param  bool  $every  cells that hold no piece of their own are wanted as well */
    private function __construct(Sheet $sheet, private readonly bool $every = false)
    {
        $this->ranges = new \SplObjectStorage;
        $this->texts = new \SplObjectStorage;
        $this->own = new \SplObjectStorage;
        $this->typeface = $sheet->card->style->typeface;
        $this->rtl = $sheet->card->direction() === 'rtl';
        $this->size = $sheet->card->style->sizes->text;
        $this->table = $sheet->table();
    }

    /** @param  int  $viewport  width of the window, CSS px */
    public static function of(Sheet $sheet, int $viewport): Measured
    {
        return self::at($sheet, [$viewport])[$viewport];
    }

    /**
     * Several widths at once; texts are measured once for all.
     *
     * @param  list<int>  $viewports
     * @return array<int, Measured> by viewport
     */
    public static function at(Sheet $sheet, array $viewports): array
    {
        $measure = new self($sheet);
        $measured = [];
        foreach ($viewports as $viewport) {
            $boxes = [];
            [$width, $height] = $measure->table($measure->table, $viewport, $laid);
            foreach ($laid as $cell) {
                $room = $cell->room();
                foreach ($cell->cell->pieces as $piece) {
                    $boxes[$piece->id] = isset($boxes[$piece->id]) ? $boxes[$piece->id]->with($room) : $room;
                }
            }
            $measured[$viewport] = new Measured($viewport, $width, $height, $boxes);
        }

        return $measured;
    }

    /**
     * Every cell where it stands, outer ones before those inside them: what to draw a card by.
     *
     * @param  int  $viewport  width of the window, CSS px
     * @return array{float, float, list<Laid>} width and height, CSS px; cells
     */
    public static function laid(Sheet $sheet, int $viewport): array
    {
        $measure = new self($sheet, every: true);
        [$width, $height] = $measure->table($measure->table, $viewport, $laid);

        return [$width, $height, $laid];
    }

    /**
     * @param  list<Laid>|null  $laid  filled with its cells, from the table's top left
     *
     * @param-out list<Laid> $laid
     *
     * @return array{float, float} width and height
     */
    private function table(Table $table, float $room, ?array &$laid): array
    {
        $laid = [];
        $columns = $this->columns($table, $room);
        $width = array_sum($columns);
        $y = 0.0;
        foreach ($table->rows as $row) {
            $cells = [];
            $height = 0.0;
            foreach ($row as $index => $cell) {
                $inside = null;
                $size = $this->content($cell->content, $columns[$index] - $cell->sides(), $inside);
                $cells[] = [$cell, $size, $inside];
                $height = max($height, $size[1] + $cell->ends());
            }
            $x = $this->rtl ? $width : 0.0;
            foreach ($cells as $index => [$cell, $size, $inside]) {
                $x -= $this->rtl ? $columns[$index] : 0;
                $this->place($cell, new Box($x, $y, $columns[$index], $height), $size, $inside, $laid);
                $x += $this->rtl ? 0 : $columns[$index];
            }
            $y += $height;
        }

        return [$width, $y];
    }

    /**
     * A cell where it stands, and what is inside it.
     *
     * @param  array{float, float}  $size  of its content, CSS px
     * @param  list<Laid>|null  $inside  cells of a table in it, from that table's top left
     * @param  list<Laid>  $laid  added to
     */
    private function place(Cell $cell, Box $box, array $size, ?array $inside, array &$laid): void
    {
        if (! $this->every && $inside === null && $cell->pieces === []) {
            return;
        }
        $left = $box->x + $cell->padding[3] + $cell->edge('left');
        $top = $box->y + $cell->padding[0] + $cell->edge('top');
        $wide = $box->width - $cell->sides();
        $high = $box->height - $cell->ends();
        $right = $down = 0.0;
        if ($this->every || $inside !== null) {
            $right = $cell->indent($wide - $size[0], $this->rtl);
            $down = ['top' => 0, 'middle' => ($high - $size[1]) / 2, 'bottom' => $high - $size[1]][$cell->valign];
        }
        if ($this->every || $cell->pieces !== []) {
            $laid[] = new Laid($cell, $left, $top, $wide, $high, [$right, $down, ...$size]);
        }
        foreach ($inside ?? [] as $within) {
            $laid[] = $within->move($left + $right, $top + $down);
        }
    }

    /**
     * @param  list<Laid>|null  $laid
     * @return array{float, float} width and height
     */
    private function content(Nested|Block $content, float $room, ?array &$laid): array
    {
        if ($content instanceof Table) {
            return $this->table($content, $room, $laid);
        }
        if ($content instanceof Wrapping) {
            return $this->wrapping($content, $room, $laid);
        }
        if ($content instanceof LineBlock) {
            $lines = $this->text($content)->lines($room);

            $box = array_sum($content->aroundBaseline($this->typeface));

            return [max([0.0, ...$lines]), count($lines) * $box];
        }

        return match (true) {
            $content instanceof PictureBlock => $content->isFluid() && $room < $content->width
                ? [max(0.0, $room), $content->height * max(0.0, $room) / $content->width]
                : [$content->width, $content->height],
            $content instanceof SpaceBlock => [0, $content->height],
            $content instanceof RuleBlock => [0, $content->thickness],
            $content instanceof HtmlBlock => (new OwnLayout($this->typeface))->size($this->own($content), $room),
            default => throw new \LogicException('Nobody measures '.$content::class),
        };
    }

    /** @return list<float> widths of the columns in so much room */
    private function columns(Table $table, float $room): array
    {
        [$narrow, $wide] = $this->columnRanges($table);
        [$least, $most] = [array_sum($narrow), array_sum($wide)];
        $room = $table->wide === null ? $room : min($room, (float) $table->wide);
        if ($most <= $room) {
            $fills = $table->stretches || $table->wide !== null;

            return $fills ? self::widened($table, $wide, $room - $most) : $wide;
        }
        // Each column gets what it cannot do without, and a share of the rest by how much more it would like.
        $share = $most > $least ? max(0.0, $room - $least) / ($most - $least) : 0.0;

        return array_map(fn (float $low, float $high) => $low + ($high - $low) * $share, $narrow, $wide);
    }

    /**
     * What is left over goes to columns by how wide they are; those of a set width get none of it.
     *
     * @param  list<float>  $wide
     * @return list<float>
     */
    private static function widened(Table $table, array $wide, float $left): array
    {
        $free = $wide;
        foreach ($table->rows as $row) {
            foreach ($row as $index => $cell) {
                $free[$index] = $cell->width === null ? $free[$index] : 0.0;
            }
        }
        $sum = array_sum($free);

        return array_map(
            fn (float $one, float $share) => $one + $left * ($sum > 0 ? $share / $sum : 1 / count($wide)), $wide, $free,
        );
    }

    /**
     * Tables beside each other, those that do not fit in rows below.
     *
     * @param  list<Laid>|null  $laid
     *
     * @param-out list<Laid> $laid
     *
     * @return array{float, float} width and height
     */
    private function wrapping(Wrapping $content, float $room, ?array &$laid): array
    {
        $laid = [];
        $x = $y = $high = $width = 0.0;
        foreach ($content->tables as $table) {
            [$wide, $height] = $this->table($table, $room, $inside);
            if ($x > 0 && $x + $wide > $room + 1 / 64) {
                [$x, $y, $high] = [0.0, $y + $high, 0.0];
            }
            foreach ($inside as $cell) {
                $laid[] = $cell->move($this->rtl ? $room - $x - $wide : $x, $y);
            }
            [$x, $high] = [$x + $wide, max($high, $height)];
            $width = max($width, $x);
        }

        return [$this->rtl ? $room : $width, $y + $high];
    }

    /** @return array{list<float>, list<float>} narrowest and widest width of each column */
    private function columnRanges(Table $table): array
    {
        $narrow = $wide = [];
        foreach ($table->rows as $row) {
            foreach ($row as $index => $cell) {
                [$least, $most] = $this->range($cell);
                $narrow[$index] = max($narrow[$index] ?? 0.0, $least);
                $wide[$index] = max($wide[$index] ?? 0.0, $most);
            }
        }

        return [array_values($narrow), array_values($wide)];
    }

    /** @return array{float, float} */
    private function range(Cell|Table $item): array
    {
        if (isset($this->ranges[$item])) {
            return $this->ranges[$item];
        }
        if ($item instanceof Table) {
            [$narrow, $wide] = $this->columnRanges($item);
            $range = [(float) array_sum($narrow), (float) array_sum($wide)];
        } else {
            $content = $item->content;
            [$least, $most] = match (true) {
                $content instanceof Table => $this->range($content),
                $content instanceof Wrapping => $this->wrappingRange($content),
                $content instanceof LineBlock => [$this->text($content)->narrowest(), $this->text($content)->widest()],
                $content instanceof PictureBlock => [
                    $content->isFluid() ? 0.0 : (float) $content->width,
                    (float) $content->width,
                ],
                $content instanceof HtmlBlock => (new OwnLayout($this->typeface))->range($this->own($content)),
                default => [0.0, 0.0],
            };
            if ($item->width !== null) {
                $least = $most = max($least, (float) $item->width);
            }
            $range = [$least + $item->sides(), $most + $item->sides()];
        }
        $this->ranges[$item] = $range;

        return $range;
    }

    /** @return array{float, float} */
    private function wrappingRange(Wrapping $content): array
    {
        $ranges = array_map($this->range(...), $content->tables);

        return [max(array_column($ranges, 0)), array_sum(array_column($ranges, 1))];
    }

    /** Somebody's own markup, in the card's type. */
    private function own(HtmlBlock $html): OwnFlow
    {
        return $this->own[$html] ??= (new OwnReader($this->typeface))->flow($html->tree(), $this->size);
    }

    private function text(LineBlock $line): TextMeasure
    {
        return $this->texts[$line] ??= TextMeasure::of(
            $this->typeface,
            array_map(fn (TextRun $run) => $run->measured(), $line->runs),
        );
    }
}
