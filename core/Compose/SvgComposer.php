<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Colour\Colour;
use InkyCard\Layout\Box;
use InkyCard\Layout\Cell;
use InkyCard\Layout\Laid;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Own\OwnLayout;
use InkyCard\Layout\Own\OwnReader;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Type\Bidi;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;
use InkyCard\Type\LineStyle;
use InkyCard\Type\TextMeasure;

/**
 * A card drawn as SVG 1.1, by the places the measure finds: words stand where
 * browsers put them even where the face at hand is a little wider. Links do
 * not work in it. Own HTML is drawn by its words, one ink for all, a picture that
 * is not inside by the words that stand for it.
 */
final class SvgComposer
{
    /** Around the card, CSS px. */
    private const MARGIN = 16;

    /**
     * Where a line is taken apart. Words of scripts the width tables lack stay together: their places are estimates.
     */
    private const PARTS = '/((?<![\p{Hebrew}\p{Arabic}]) +| +(?![\p{Hebrew}\p{Arabic}]))/u';

    /** The same where what ends a Latin word may belong to the line: it stands on its other side then. */
    private const PARTS_RTL = '/((?<![\p{Hebrew}\p{Arabic}]) +| +(?![\p{Hebrew}\p{Arabic}])'
        .'|(?<=[\p{Latin}\p{N}])(?=[^\p{L}\p{N} ]+(?: |$)))/u';

    private const UNDERLINE = 1 / 14;

    private \XMLWriter $out;

    private FontStack $typeface;

    private FontMetrics $metrics;

    private bool $rtl;

    private Colour $quiet;

    private TextRun $plain;

    /** Pictures cut so far. */
    private int $cuts = 0;

    public function __construct(private readonly PictureSources $pictures)
    {
    }

    /** @param  int  $room  width it may take, CSS px; wide content may take more */
    public function compose(Sheet $sheet, int $room = Limits::WIDTH): string
    {
        $style = $sheet->card->style;
        $this->typeface = $style->typeface;
        $this->metrics = FontMetrics::of($style->typeface);
        $this->rtl = $sheet->card->direction() === 'rtl';
        $this->quiet = $style->ink(InkRole::Quiet);
        $this->plain = new TextRun('', $style->ink(InkRole::Body), $style->sizes->text,
            lineHeight: $style->spacing->lineHeight);
        $this->pictures->prepare($sheet->pictures());
        [$width, $height, $laid] = Measure::laid($sheet, $room);
        [$width, $height] = [(int) ceil($width) + 2 * self::MARGIN, (int) ceil($height) + 2 * self::MARGIN];

        $this->out = new \XMLWriter;
        $this->out->openMemory();
        $this->open('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'xmlns:xlink' => 'http://www.w3.org/1999/xlink', 'width' => $width,
            'height' => $height, 'viewBox' => "0 0 $width $height", 'xml:lang' => $sheet->card->lang,
        ]);
        // Around a background of its own is the page it is sent on.
        $this->rectangle(
            new Box(0, 0, $width, $height),
            $style->background === null ? $style->ink(InkRole::Paper) : Colour::hex('#ffffff'),
        );
        foreach ($laid as $cell) {
            $this->cell($cell->move(self::MARGIN, self::MARGIN));
        }
        $this->out->endElement();

        return $this->out->outputMemory();
    }

    private function cell(Laid $laid): void
    {
        $cell = $laid->cell;
        $whole = $laid->whole();
        if ($cell->background !== null) {
            $this->rectangle($whole, $cell->background, $cell->radius ?? 0);
        }
        if ($cell->behind !== null) {
            $this->behind($cell->behind, $whole, $cell->radius ?? 0);
        }
        if ($cell->border !== null) {
            $this->border($whole, $cell);
        }
        $content = $cell->content;
        match (true) {
            $content instanceof LineBlock => $this->words($content, $cell, $laid->room(), $laid->content()->y),
            $content instanceof PictureBlock => $this->picture($content, $laid->content()),
            // A browser draws it as the cell's lower edge.
            $content instanceof RuleBlock => $this->stroke(
                new Box(
                    $whole->x, $whole->y + $whole->height - $content->thickness, $whole->width, $content->thickness,
                ),
                $content->ink, $content->style,
            ),
            $content instanceof HtmlBlock => $this->own($content, $laid->content()),
            default => null,
        };
    }

    /**
     * A picture that fills its cell, cut to its corners.
     *
     * @param  array{int, int, int, int}|int  $radius
     */
    private function behind(PictureBlock $picture, Box $whole, array|int $radius): void
    {
        $name = 'behind-'.(++$this->cuts);
        $this->open('clipPath', ['id' => $name]);
        $this->rectangle($whole, $this->quiet, $radius);
        $this->out->endElement();
        $this->element('image', [
            'x' => $whole->x, 'y' => $whole->y, 'width' => $whole->width, 'height' => $whole->height,
            'preserveAspectRatio' => 'xMidYMid slice', 'clip-path' => "url(#$name)",
            'xlink:href' => $this->pictures->source($picture),
        ]);
    }

    private function border(Box $whole, Cell $cell): void
    {
        [$side, $thick, $ink] = $cell->border ?? throw new \LogicException('There is no border.');
        $style = $cell->border[3] ?? LineStyle::Solid;
        if ($side === 'all') {
            $radius = is_array($cell->radius) ? $cell->radius[0] : $cell->radius ?? 0;
            $this->element('rect', [
                'x' => $whole->x + $thick / 2, 'y' => $whole->y + $thick / 2, 'width' => $whole->width - $thick,
                'height' => $whole->height - $thick, 'rx' => $radius > 0 ? max(0, $radius - $thick / 2) : null,
                'fill' => 'none', 'stroke' => $ink->toHex(), 'stroke-width' => $thick,
                'stroke-dasharray' => self::dashes($style, $thick),
            ]);

            return;
        }
        $this->stroke(match ($side) {
            'left' => new Box($whole->x, $whole->y, $thick, $whole->height),
            'right' => new Box($whole->x + $whole->width - $thick, $whole->y, $thick, $whole->height),
            'top' => new Box($whole->x, $whole->y, $whole->width, $thick),
            default => new Box($whole->x, $whole->y + $whole->height - $thick, $whole->width, $thick),
        }, $ink, $style);
    }

    /** A line as long as a box, and as thick. */
    private function stroke(Box $box, Colour $ink, LineStyle $style): void
    {
        $flat = $box->width > $box->height;
        $thick = $flat ? $box->height : $box->width;
        if ($style === LineStyle::Solid || ($style === LineStyle::Double && $thick < 3)) {
            $this->rectangle($box, $ink);
        } elseif ($style === LineStyle::Double) {
            $each = floor(($thick + 1) / 3);
            foreach ([0, $thick - $each] as $at) {
                $this->rectangle($flat ? new Box($box->x, $box->y + $at, $box->width, $each)
                    : new Box($box->x + $at, $box->y, $each, $box->height), $ink);
            }
        } else {
            $half = $thick / 2;
            $this->element('line', [
                'x1' => $flat ? $box->x : $box->x + $half, 'y1' => $flat ? $box->y + $half : $box->y,
                'x2' => $flat ? $box->x + $box->width : $box->x + $half,
                'y2' => $flat ? $box->y + $half : $box->y + $box->height,
                'stroke' => $ink->toHex(), 'stroke-width' => $thick, 'stroke-dasharray' => self::dashes($style, $thick),
            ]);
        }
    }

    /** As browsers dash a border: twice as long as thick from 3 px on, three times below. */
    private static function dashes(LineStyle $style, float $thick): ?string
    {
        $dash = $thick * ($thick >= 3 ? 2 : 3);

        return match ($style) {
            LineStyle::Dashed => "$dash $dash",
            LineStyle::Dotted => "$thick $thick",
            default => null,
        };
    }

    private function words(LineBlock $line, Cell $cell, Box $room, float $y): void
    {
        // Browsers set words on whole pixels of their line.
        [$above, $below] = $line->aroundBaseline($this->typeface);
        foreach (
            TextMeasure::of(
                $this->typeface,
                array_map(fn (TextRun $run) => $run->measured(), $line->runs),
            )->words($room->width) as [$width, $stretches]
        ) {
            $this->line(
                $line->runs, $stretches, $room->x + $cell->indent($room->width - $width, $this->rtl),
                $y + floor($above),
            );
            $y += $above + $below;
        }
    }

    /**
     * @param  list<TextRun>  $runs
     * @param  list<array{int, string}>  $stretches  run, text
     */
    private function line(array $runs, array $stretches, float $x, float $baseline): void
    {
        $words = [];
        foreach ($stretches as [$run, $text]) {
            foreach ($this->rtl && $runs[$run]->isNumber() ? [$text] : $this->parts($text) as $word) {
                $words[] = [$runs[$run], $word];
            }
        }
        foreach (Bidi::order(array_column($words, 1), $this->rtl) as $index) {
            [$run, $word] = $words[$index];
            $metrics = $run->face === null ? $this->metrics : FontMetrics::of($run->face);
            $wide = $metrics->width($word, $run->size, $run->bold, $run->italic)
                + $run->spacing * mb_strlen($word);
            if ($run->underlined && $run->href !== null) {
                $thick = max(1.0, $run->size * self::UNDERLINE);
                $this->rectangle(new Box($x, $baseline + $thick, $wide, $thick), $run->ink);
            }
            if ($word[0] !== ' ') {
                $this->word($run, $word, $x, $wide, $baseline);
            }
            $x += $wide;
        }
    }

    /** @return list<string> words and the spaces between them */
    private function parts(string $text): array
    {
        $pattern = $this->rtl ? self::PARTS_RTL : self::PARTS;

        return preg_split($pattern, $text, flags: PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [];
    }

    private function word(TextRun $run, string $word, float $x, float $wide, float $baseline): void
    {
        $face = $run->face ?? $this->typeface;
        $narrow = $face->narrowing($run->bold);
        $rtl = $this->rtl && Bidi::kind($word) === 'R';
        // A word that runs from the right starts at its right.
        $at = round($rtl ? $x + $wide : $x, 3);
        $place = $narrow === 1.0
            ? ['x' => $at, 'y' => $baseline]
            : ['transform' => "translate($at $baseline) scale($narrow 1)"];
        $this->open('text', $place + [
            'font-family' => $face->drawn(), 'font-size' => $run->size,
            'font-weight' => $run->bold ? 'bold' : null, 'font-style' => $run->italic ? 'italic' : null,
            'letter-spacing' => $run->spacing ?: null, 'fill' => $run->ink->toHex(), 'direction' => $rtl ? 'rtl' : null,
        ]);
        $this->out->text((string) preg_replace('/[\x00-\x1f\x7f]/', '', $word));
        $this->out->endElement();
    }

    private function own(HtmlBlock $html, Box $box): void
    {
        $flow = (new OwnReader($this->typeface))->flow($html->tree(), $this->plain->size);
        foreach ((new OwnLayout($this->typeface))->laid($flow, $box->width)[2] as $placed) {
            $at = $placed->move($box->x, $box->y)->box;
            $runs = array_map(fn (array $run) => new TextRun(
                $run[0], $this->plain->ink, $run[1], $run[2], lineHeight: $this->plain->lineHeight,
            ), $placed->runs);
            if ($runs === []) {
                $this->missing('', $at);
            } else {
                $stretches = array_map(fn (int $run) => [$run, $runs[$run]->text], array_keys($runs));
                $this->line($runs, $stretches, $at->x, $at->y);
            }
        }
    }

    private function picture(PictureBlock $picture, Box $box): void
    {
        $source = $this->pictures->source($picture);
        str_starts_with($source, 'data:')
            ? $this->element('image', [
                'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height,
                'preserveAspectRatio' => 'none', 'xlink:href' => $source,
            ])
            : $this->missing($picture->alt, $box);
    }

    /** A picture that is not inside, as readers see one they do not load. */
    private function missing(string $alt, Box $box): void
    {
        $this->element('rect', [
            'x' => $box->x + 0.5, 'y' => $box->y + 0.5, 'width' => max(0, $box->width - 1),
            'height' => max(0, $box->height - 1), 'fill' => 'none', 'stroke' => $this->quiet->toHex(),
        ]);
        if ($alt !== '' && $box->width > 24) {
            $y = $box->y + 4;
            foreach (TextMeasure::of($this->typeface, [[$alt, 11, false]])->words($box->width - 8) as [, $stretches]) {
                $y += 14;
                $this->line(
                    [new TextRun($alt, $this->quiet, 11)], $y > $box->y + $box->height ? [] : $stretches, $box->x + 4,
                    $y,
                );
            }
        }
    }

    /** @param  array{int, int, int, int}|int  $radius  of its corners, or of each from the top left clockwise */
    private function rectangle(Box $box, Colour $ink, array|int $radius = 0): void
    {
        if (is_array($radius)) {
            $this->element('path', ['d' => self::outline($box, $radius), 'fill' => $ink->toHex()]);

            return;
        }
        $this->element('rect', [
            'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height,
            'rx' => $radius > 0 ? min($radius, $box->height / 2) : null, 'fill' => $ink->toHex(),
        ]);
    }

    /** @param  array{int, int, int, int}  $radius */
    private static function outline(Box $box, array $radius): string
    {
        [$a, $b, $c, $d] = $radius;
        [$right, $bottom] = [$box->width - $a - $b, $box->height - $b - $c];
        [$left, $top] = [$c + $d - $box->width, $d + $a - $box->height];

        $x = $box->x + $a;

        return "M$x {$box->y}h{$right}a$b $b 0 0 1 $b {$b}v{$bottom}a$c $c 0 0 1 -$c {$c}h{$left}a$d $d 0 0 1 -$d "
            ."-{$d}v{$top}a$a $a 0 0 1 $a -{$a}z";
    }

    /** @param  array<string, mixed>  $attributes */
    private function element(string $name, array $attributes): void
    {
        $this->open($name, $attributes);
        $this->out->endElement();
    }

    /** @param  array<string, mixed>  $attributes null is left out */
    private function open(string $name, array $attributes): void
    {
        $this->out->startElement($name);
        foreach ($attributes as $attribute => $value) {
            if ($value !== null) {
                $this->out->writeAttribute($attribute, is_float($value) ? (string) round($value, 3) : (string) $value);
            }
        }
    }
}
