<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Cell;
use InkyCard\Card\Card;
use InkyCard\Card\Content\Button;
use InkyCard\Card\Content\Line;
use InkyCard\Card\Content\Marks;
use InkyCard\Card\Content\Picture;
use InkyCard\Card\Content\Run;

/**
 * A card as mail HTML: nested tables with inline styles only.
 *
 * The shapes follow what the open data on mail clients supports everywhere
 * (docs/architecture.md, "Mail HTML"): padding on cells only, sizes on every
 * picture twice (attribute and style), an explicit colour on every link and on
 * a span inside it, exact line heights for the Word engine.
 */
final class HtmlComposer
{
    /** Between two lines of text, and between blocks side by side, CSS px. */
    private const LINE_GAP = 2;

    private const BLOCK_GAP = 12;

    /** What tells a named rendering from the export. */
    private const NAMES = '/ data-piece="[^"]*"/';

    private Card $card;

    /** @param  bool  $named  marks every element of a piece with `data-piece`, for screens; exports never carry it */
    public function __construct(private readonly Pictures $pictures, private readonly bool $named = false)
    {
    }

    /** The card alone, as a mail client's settings take it: one table. */
    public function compose(Sheet $sheet): string
    {
        return $this->table($sheet)->html;
    }

    /** The export a rendering with named elements was made from. */
    public static function unnamed(string $html): string
    {
        return (string) preg_replace(self::NAMES, '', $html);
    }

    /** A whole HTML document around the card. */
    public function page(Sheet $sheet): string
    {
        $card = $sheet->card;

        return Markup::join(
            Markup::doctype(),
            Markup::element('html', ['lang' => $card->lang, 'dir' => $card->direction()],
                Markup::element('head', [],
                    Markup::element('meta', ['charset' => 'utf-8']),
                    Markup::element('meta', ['name' => 'viewport', 'content' => 'width=device-width']),
                    Markup::element('title', [], $card->name),
                ),
                Markup::element('body', ['style' => ['margin' => 0, 'padding' => '16px', 'background-color' => $card->style->ink(InkRole::Paper)->toHex()]],
                    $this->table($sheet),
                ),
            ),
        )->html;
    }

    private function table(Sheet $sheet): Markup
    {
        $this->card = $card = $sheet->card;
        $this->pictures->prepare($sheet->pictures());
        $rows = [];
        foreach ($card->arrangement->rows as $cells) {
            $filled = array_values(array_filter($cells, fn (Cell $cell) => $sheet->lines($cell->zone) !== []));
            if ($filled !== []) {
                $rows[] = $this->row($sheet, $filled, $rows === []);
            }
        }
        if ($rows === []) {
            return Markup::none();
        }

        return self::grid([
            'lang' => $card->lang,
            'dir' => $card->direction() === 'rtl' ? 'rtl' : null,
            'style' => [
                'border-collapse' => 'collapse',
                'font-family' => $card->style->typeface->css(),
                'font-size' => self::px($card->style->sizes['text']),
                'color' => $card->style->ink(InkRole::Body)->toHex(),
            ],
        ], ...$rows);
    }

    /** @param  non-empty-list<Cell>  $cells */
    private function row(Sheet $sheet, array $cells, bool $first): Markup
    {
        // The gap above a row is a gap between rows: the first one has none.
        $above = $first ? 0 : max(array_map(fn (Cell $cell) => $cell->gapAbove, $cells));
        $below = max(array_map(fn (Cell $cell) => $cell->gapBelow, $cells));
        $outer = ['padding' => self::sides($above, 0, $below, 0)];
        if (count($cells) === 1) {
            return Markup::element('tr', [], Markup::element('td', ['style' => $outer], $this->lines($sheet, $cells[0])));
        }
        $columns = [];
        foreach ($cells as $index => $cell) {
            $columns[] = Markup::element('td', [
                'valign' => 'top',
                'width' => $index === count($cells) - 1 ? null : $this->width($sheet, $cell),
                'style' => ['vertical-align' => 'top'] + $this->edges($cell, $index > 0, $index < count($cells) - 1),
            ], $this->lines($sheet, $cell));
        }

        return Markup::element('tr', [], Markup::element('td', ['style' => $outer], self::grid(
            ['style' => ['border-collapse' => 'collapse']],
            Markup::element('tr', [], ...$columns),
        )));
    }

    /** @return array<string, string> padding and rule of a column */
    private function edges(Cell $cell, bool $follows, bool $leads): array
    {
        $style = $this->card->style;
        $ruled = $cell->ruled && $follows && $style->rule > 0;
        $start = $this->card->direction() === 'rtl' ? 'right' : 'left';

        return ['padding' => $this->inline($ruled ? Cell::RULE_GAP : 0, $leads ? $cell->gapRight : 0)]
            + ($ruled ? ["border-$start" => "{$style->rule}px solid ".$style->ink($style->ruleInk)->toHex()] : []);
    }

    /** Width of a column of pictures with its padding: fixed, so that clients do not squeeze it. */
    private function width(Sheet $sheet, Cell $cell): ?int
    {
        $widths = [];
        foreach ($sheet->lines($cell->zone) as $line) {
            foreach ($line as $placed) {
                if (! $placed->block instanceof Picture || count($line) > 1) {
                    return null;
                }
                $widths[] = $placed->block->width;
            }
        }

        return max([0, ...$widths]) + $cell->gapRight;
    }

    private function lines(Sheet $sheet, Cell $cell): Markup
    {
        $rows = [];
        $previous = null;
        foreach ($sheet->lines($cell->zone) as $line) {
            $gap = $line[0]->gap() ?? match (true) {
                $previous === null => 0,
                $previous instanceof Line && $line[0]->block instanceof Line => self::LINE_GAP,
                default => self::BLOCK_GAP,
            };
            $previous = $line[0]->block;
            $rows[] = Markup::element('tr', [], $this->cell($line, $gap));
        }

        return self::grid(['style' => ['border-collapse' => 'collapse']], ...$rows);
    }

    /** @param  non-empty-list<Placed>  $line */
    private function cell(array $line, int $gap): Markup
    {
        $padding = ['padding' => self::sides($gap, 0, 0, 0)];
        if (count($line) === 1) {
            $placed = $line[0];

            return Markup::element('td', $this->named($placed) + [
                'style' => $padding + ($placed->block instanceof Line ? $this->leading($placed->block) : []),
            ], $this->block($placed));
        }
        $cells = [];
        foreach ($line as $index => $placed) {
            $cells[] = Markup::element('td', $this->named($placed) + ['valign' => 'middle', 'style' => [
                'vertical-align' => 'middle',
                'padding' => $this->inline($index === 0 ? 0 : self::BLOCK_GAP, 0),
            ] + ($placed->block instanceof Line ? $this->leading($placed->block) : [])], $this->block($placed));
        }

        return Markup::element('td', ['style' => $padding], self::grid(
            ['style' => ['border-collapse' => 'collapse']],
            Markup::element('tr', [], ...$cells),
        ));
    }

    private function block(Placed $placed): Markup
    {
        $block = $placed->block;

        return match (true) {
            $block instanceof Line => $this->runs($block),
            $block instanceof Picture => $this->picture($block),
            $block instanceof Marks => $this->marks($block),
            $block instanceof Button => $this->button($block),
            default => throw new \LogicException('No markup for '.$block::class),
        };
    }

    private function runs(Line $line): Markup
    {
        return Markup::join(...array_map($this->words(...), $line->runs));
    }

    private function words(Run $run): Markup
    {
        $style = [
            'font-size' => self::px($run->size),
            'font-weight' => $run->bold ? 'bold' : null,
            'color' => $run->ink->toHex(),
        ];
        if ($run->href === null) {
            return Markup::element('span', ['style' => $style], $run->text);
        }

        // Colour on the link and on a span inside it: some clients recolour one, none recolours both.
        return Markup::element('a', ['href' => $run->href, 'style' => ['color' => $style['color'], 'text-decoration' => 'none']],
            Markup::element('span', ['style' => $style], $run->text));
    }

    private function picture(Picture $picture): Markup
    {
        $image = Markup::element('img', [
            'src' => $this->pictures->source($picture),
            'width' => $picture->width,
            'height' => $picture->height,
            'alt' => $picture->alt,
            'border' => '0',
            // The type size is that of the words shown when the picture is blocked.
            'style' => ['display' => 'block', 'width' => $picture->width.'px', 'height' => $picture->height.'px', 'font-size' => '11px'],
        ]);

        return $picture->href === null ? $image : Markup::element('a', [
            'href' => $picture->href,
            // Colour and underline of the words shown when the picture is blocked.
            'style' => ['color' => $this->card->style->ink(InkRole::Link)->toHex(), 'text-decoration' => 'none'],
        ], $image);
    }

    private function marks(Marks $marks): Markup
    {
        $cells = [];
        foreach ($marks->marks as $index => $mark) {
            $cells[] = Markup::element('td', ['style' => ['padding' => $this->inline($index === 0 ? 0 : $marks->gap, 0)]], $this->picture($mark));
        }

        return self::grid(['style' => ['border-collapse' => 'collapse']], Markup::element('tr', [], ...$cells));
    }

    /** The ground is on the cell, where every client paints it; the padding too, as the Word engine has none on links. */
    private function button(Button $button): Markup
    {
        $words = $button->words;

        return self::grid(['style' => ['border-collapse' => 'separate']], Markup::element('tr', [], Markup::element('td', [
            'align' => 'center',
            'bgcolor' => $button->ground->toHex(),
            'style' => [
                'padding' => '9px 18px',
                'background-color' => $button->ground->toHex(),
                'border-radius' => $button->radius === 0 ? null : $button->radius.'px',
            ] + $this->leading(new Line([$words])),
        ], $this->words($words))));
    }

    /** @return array<string, string> */
    private function named(Placed $placed): array
    {
        return $this->named ? ['data-piece' => implode(' ', array_column($placed->pieces, 'id'))] : [];
    }

    /**
     * The typeface again on every cell of text: not every client hands it down into nested tables.
     *
     * @return array<string, string>
     */
    private function leading(Line $line): array
    {
        return [
            'font-family' => $this->card->style->typeface->css(),
            'line-height' => $line->height().'px',
            'mso-line-height-rule' => 'exactly',
        ];
    }

    /** @param  array<string, string|int|null|array<string, string|int|null>>  $attributes */
    private static function grid(array $attributes, Markup ...$rows): Markup
    {
        return Markup::element('table', ['role' => 'presentation', 'cellpadding' => '0', 'cellspacing' => '0', 'border' => '0'] + $attributes, ...$rows);
    }

    /** Padding before and after in reading direction. */
    private function inline(int $start, int $end): string
    {
        return $this->card->direction() === 'rtl' ? self::sides(0, $start, 0, $end) : self::sides(0, $end, 0, $start);
    }

    /** A `padding` in its shortest form; arguments in CSS px. */
    private static function sides(int $top, int $right, int $bottom, int $left): string
    {
        [$top, $right, $bottom, $left] = array_map(fn (int $side) => $side === 0 ? '0' : $side.'px', [$top, $right, $bottom, $left]);

        return match (true) {
            $left !== $right => "$top $right $bottom $left",
            $top !== $bottom => "$top $right $bottom",
            $top !== $right => "$top $right",
            default => $top,
        };
    }

    private static function px(float $size): string
    {
        return (string) round($size, 2).'px';
    }
}
