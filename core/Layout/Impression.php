<?php

namespace InkyCard\Layout;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Oklch;
use InkyCard\Limits;
use InkyCard\Picture\Mark;

/**
 * What a card looks like from afar: where it is light and dark, and of what colour, on a page of a fixed size. Layout,
 * weight, colour and proportion are all in it, so two cards can be said to be so far apart.
 */
final readonly class Impression
{
    /** The page, CSS px; what is outside is not seen. */
    private const PAGE = [480, 264];

    /** Side of a field of it, CSS px. */
    private const FIELD = 24;

    /** Share of the ink in an area of words; bold ones have more. */
    private const WORDS = [0.2, 0.3];

    /** A picture, OKLab: nobody knows what is on it. */
    private const PICTURE = [0.66, 0.03, 0.04];

    /** Typefaces of another sort are so far apart at least. */
    private const SORT = 0.04;

    /**
     * @param  list<array{float, float, float}>  $fields  OKLab, in rows
     * @param  string  $sort  serif, sans-serif or monospace
     */
    private function __construct(private array $fields, private string $sort)
    {
    }

    public static function of(Sheet $sheet): self
    {
        $style = $sheet->card->style;
        [$across, $down] = [intdiv(self::PAGE[0], self::FIELD), intdiv(self::PAGE[1], self::FIELD)];
        $page = $style->background === null ? $style->ink(InkRole::Paper) : Colour::hex('#ffffff');
        $fields = array_fill(0, $across * $down, Oklch::lab($page));
        foreach (Measure::laid($sheet, Limits::WIDTH)[2] as $laid) {
            self::paint($fields, $laid);
        }

        return new self($fields, $style->typeface->sort());
    }

    /** @return float how far apart two look: 0 the same, all white against all black 1 */
    public function distance(self $other): float
    {
        $sum = 0.0;
        foreach ($this->fields as $at => [$lightness, $a, $b]) {
            [$against, $oneA, $oneB] = $other->fields[$at];
            $sum += ($lightness - $against) ** 2 + ($a - $oneA) ** 2 + ($b - $oneB) ** 2;
        }

        return sqrt($sum / count($this->fields)) + ($this->sort === $other->sort ? 0 : self::SORT);
    }

    /** @param  list<array{float, float, float}>  $fields */
    private static function paint(array &$fields, Laid $laid): void
    {
        $cell = $laid->cell;
        if ($cell->surface?->colour !== null) {
            self::area($fields, $laid->whole(), Oklch::lab($cell->surface->colour), 1);
        }
        if ($cell->surface?->border !== null) {
            self::border($fields, $cell->surface->border, $laid->whole());
        }
        $content = $cell->content;
        $box = $laid->content();
        match (true) {
            $content instanceof LineBlock => self::area(
                $fields, $box, Oklch::lab($content->runs[0]->ink), self::WORDS[(int) $content->runs[0]->bold],
            ),
            $content instanceof PictureBlock => self::area(
                $fields, $box, $content->source instanceof Mark ? Oklch::lab($content->source->background)
                    : self::PICTURE, 1,
            ),
            $content instanceof RuleBlock => self::area(
                $fields, new Box($laid->whole()->x, $box->y, $laid->whole()->width, $content->thickness),
                Oklch::lab($content->ink), 1,
            ),
            default => null,
        };
    }

    /** @param  list<array{float, float, float}>  $fields */
    private static function border(array &$fields, Border $border, Box $whole): void
    {
        [$side, $thick] = [$border->side, $border->width];
        foreach ([
            'left' => new Box($whole->x, $whole->y, $thick, $whole->height),
            'right' => new Box($whole->x + $whole->width - $thick, $whole->y, $thick, $whole->height),
            'top' => new Box($whole->x, $whole->y, $whole->width, $thick),
            'bottom' => new Box($whole->x, $whole->y + $whole->height - $thick, $whole->width, $thick),
        ] as $name => $box) {
            if ($side === $name || $side === 'all') {
                self::area($fields, $box, Oklch::lab($border->ink), 1);
            }
        }
    }

    /**
     * @param  list<array{float, float, float}>  $fields
     * @param  array{float, float, float}  $colour  OKLab
     * @param  float  $share  how much of the area it covers, 0 to 1
     */
    private static function area(array &$fields, Box $box, array $colour, float $share): void
    {
        $across = intdiv(self::PAGE[0], self::FIELD);
        [$right, $bottom] = [min(self::PAGE[0], $box->x + $box->width), min(self::PAGE[1], $box->y + $box->height)];
        for ($row = (int) ($box->y / self::FIELD); $row * self::FIELD < $bottom; $row++) {
            $high = min($bottom, ($row + 1) * self::FIELD) - max($box->y, $row * self::FIELD);
            for ($column = (int) ($box->x / self::FIELD); $column * self::FIELD < $right; $column++) {
                $wide = min($right, ($column + 1) * self::FIELD) - max($box->x, $column * self::FIELD);
                $cover = $share * $high * $wide / self::FIELD ** 2;
                $field = $fields[$row * $across + $column];
                foreach ($colour as $part => $value) {
                    $field[$part] += ($value - $field[$part]) * $cover;
                }
                $fields[$row * $across + $column] = $field;
            }
        }
    }
}
