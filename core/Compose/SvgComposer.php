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
        $this->rectangle(new Box(0, 0, $width, $height), $style->ink(InkRole::Paper));
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
        if ($cell->border !== null) {
            [$side, $thick, $ink] = $cell->border;
            $this->rectangle(match ($side) {
                'left' => new Box($whole->x, $whole->y, $thick, $whole->height),
                'right' => new Box($whole->x + $whole->width - $thick, $whole->y, $thick, $whole->height),
                'top' => new Box($whole->x, $whole->y, $whole->width, $thick),
                default => new Box($whole->x, $whole->y + $whole->height - $thick, $whole->width, $thick),
            }, $ink);
        }
        $content = $cell->content;
        match (true) {
            $content instanceof LineBlock => $this->words($content, $cell, $laid->room(), $laid->content()->y),
            $content instanceof PictureBlock => $this->picture($content, $laid->content()),
            // A browser draws it as the cell's lower edge.
            $content instanceof RuleBlock => $this->rectangle(
                new Box(
                    $whole->x, $whole->y + $whole->height - $content->thickness, $whole->width, $content->thickness,
                ),
                $content->ink,
            ),
            $content instanceof HtmlBlock => $this->own($content, $laid->content()),
            default => null,
        };
    }

    private function words(LineBlock $line, Cell $cell, Box $room, float $y): void
    {
        $sizes = array_map(fn (TextRun $run) => $run->size, $line->runs);
        // Browsers set words on whole pixels of their line.
        [$above, $below] = $this->metrics->aroundBaseline($sizes, $line->height);
        foreach (
            TextMeasure::of(
                $this->typeface,
                array_map(fn (TextRun $run) => [$run->text, $run->size, $run->bold, $run->italic], $line->runs),
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
            $wide = $this->metrics->width($word, $run->size, $run->bold, $run->italic);
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
        $narrow = $this->typeface->narrowing();
        $rtl = $this->rtl && Bidi::kind($word) === 'R';
        // A word that runs from the right starts at its right.
        $at = round($rtl ? $x + $wide : $x, 3);
        $place = $narrow === 1.0
            ? ['x' => $at, 'y' => $baseline]
            : ['transform' => "translate($at $baseline) scale($narrow 1)"];
        $this->open('text', $place + [
            'font-family' => $this->typeface->drawn(), 'font-size' => $run->size,
            'font-weight' => $run->bold ? 'bold' : null, 'font-style' => $run->italic ? 'italic' : null,
            'fill' => $run->ink->toHex(), 'direction' => $rtl ? 'rtl' : null,
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

    private function rectangle(Box $box, Colour $ink, int $radius = 0): void
    {
        $this->element('rect', [
            'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height,
            'rx' => $radius > 0 ? min($radius, $box->height / 2) : null, 'fill' => $ink->toHex(),
        ]);
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
