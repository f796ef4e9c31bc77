<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content\Html;
use InkyCard\Card\Content\Line;
use InkyCard\Card\Content\Picture;
use InkyCard\Card\Content\Rule;
use InkyCard\Card\Content\Run;
use InkyCard\Card\Content\Space;
use InkyCard\Layout\Cell;
use InkyCard\Layout\Framer;
use InkyCard\Layout\Sheet;
use InkyCard\Layout\Table;

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
    /** What tells a named rendering from the export. */
    private const NAMES = '/ data-piece="[^"]*"/';

    private Card $card;

    /** @param  bool  $named  marks every element of a piece with `data-piece`, for screens; exports never carry it */
    public function __construct(private readonly Pictures $pictures, private readonly bool $named = false)
    {
    }

    /** The card alone, as a mail client's settings take it: one table; nothing for an empty card. */
    public function compose(Sheet $sheet): string
    {
        return $this->card($sheet)->html;
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
                    $this->card($sheet),
                ),
            ),
        )->html;
    }

    private function card(Sheet $sheet): Markup
    {
        $this->card = $card = $sheet->card;
        $this->pictures->prepare($sheet->pictures());
        $table = Framer::table($sheet);

        return $table->rows === [] ? Markup::none() : $this->table($table, [
            'lang' => $card->lang,
            'dir' => $card->direction() === 'rtl' ? 'rtl' : null,
        ], [
            'font-family' => $card->style->typeface->css(),
            'font-size' => self::px($card->style->sizes['text']),
            'color' => $card->style->ink(InkRole::Body)->toHex(),
        ]);
    }

    /**
     * @param  array<string, ?string>  $attributes
     * @param  array<string, string>  $style
     */
    private function table(Table $table, array $attributes = [], array $style = []): Markup
    {
        $rows = [];
        $edged = false;
        foreach ($table->rows as $row) {
            $cells = [];
            foreach ($row as $cell) {
                $edged = $edged || $cell->border !== null || $cell->radius !== null;
                $cells[] = $this->cell($cell, alone: count($row) === 1);
            }
            $rows[] = Markup::element('tr', [], ...$cells);
        }

        return Markup::element('table', [
            'role' => 'presentation', 'cellpadding' => '0', 'cellspacing' => '0', 'border' => '0',
            'align' => $table->align,
        ] + $attributes + [
            // Where borders collapse, half of each lies outside its cell and corners do not round.
            'style' => ($edged ? ['border-collapse' => 'separate'] : []) + $style,
        ], ...$rows);
    }

    /** @param  bool  $alone  a cell alone in its row is as high as the row: nothing to align */
    private function cell(Cell $cell, bool $alone): Markup
    {
        $content = $cell->content;
        $words = $content instanceof Line ? $content : null;

        return Markup::element('td', [
            'data-piece' => $this->named && $cell->pieces !== [] ? implode(' ', $cell->pieces) : null,
            'valign' => $alone || $cell->valign === 'middle' ? null : $cell->valign,
            'align' => $cell->align,
            'bgcolor' => $cell->ground?->toHex(),
            'height' => $content instanceof Space ? $content->height : null,
            'style' => [
                'padding' => self::sides($cell->padding),
                'background-color' => $cell->ground?->toHex(),
                'border-radius' => $cell->radius === null || $cell->radius === 0 ? null : $cell->radius.'px',
            ] + match (true) {
                $cell->border !== null => ["border-{$cell->border[0]}" => "{$cell->border[1]}px solid ".$cell->border[2]->toHex()],
                // Under the padding, so that the gap is above the line.
                $content instanceof Rule => ['border-bottom' => "{$content->thickness}px solid ".$content->ink->toHex()],
                default => [],
            } + match (true) {
                $words !== null => $this->type($words),
                $content instanceof Space, $content instanceof Rule => ['font-size' => '0', 'line-height' => '0'],
                default => [],
            },
        ], match (true) {
            $content instanceof Table => $this->table($content),
            $words !== null => $this->words($words),
            $content instanceof Picture => $this->picture($content),
            $content instanceof Html => Markup::sanitised($content->html),
            // An empty cell would be dropped by some clients, and its height with it.
            $content instanceof Space => "\u{A0}",
            $content instanceof Rule => '',
            default => throw new \LogicException('No markup for '.$content::class),
        });
    }

    /**
     * The whole type on the cell: a smaller size there would make the line taller
     * than it says, and not every client hands type down into nested tables.
     *
     * @return array<string, string>
     */
    private function type(Line $line): array
    {
        $first = $line->runs[0];

        return [
            'font' => ($first->italic ? 'italic ' : '').($first->bold ? 'bold ' : '').self::px(max(array_map(fn (Run $run) => $run->size, $line->runs))).'/'.$line->height().'px '.$this->card->style->typeface->css(),
            'color' => $first->ink->toHex(),
            'mso-line-height-rule' => 'exactly',
        ];
    }

    private function words(Line $line): Markup
    {
        $first = $line->runs[0];
        $size = max(array_map(fn (Run $run) => $run->size, $line->runs));

        return Markup::join(...array_map(function (Run $run) use ($first, $size) {
            $ink = $run->ink->toHex();
            $own = [
                'font-size' => $run->size === $size ? null : self::px($run->size),
                'font-weight' => $run->bold === $first->bold ? null : ($run->bold ? 'bold' : 'normal'),
                'font-style' => $run->italic === $first->italic ? null : ($run->italic ? 'italic' : 'normal'),
            ];
            if ($run->href !== null) {
                // Colour on the link and on a span inside it: some clients recolour one, none recolours both.
                return Markup::element('a', ['href' => $run->href, 'style' => ['color' => $ink, 'text-decoration' => $run->underlined ? 'underline' : 'none']],
                    Markup::element('span', ['style' => ['color' => $ink] + $own], $run->text));
            }
            $own += ['color' => $run->ink->equals($first->ink) ? null : $ink];

            return array_filter($own) === [] ? Markup::text($run->text) : Markup::element('span', ['style' => $own], $run->text);
        }, $line->runs));
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

    /**
     * A `padding` in its shortest form.
     *
     * @param  array{int, int, int, int}  $sides  top, right, bottom, left; CSS px
     */
    private static function sides(array $sides): string
    {
        [$top, $right, $bottom, $left] = array_map(fn (int $side) => $side === 0 ? '0' : $side.'px', $sides);

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
