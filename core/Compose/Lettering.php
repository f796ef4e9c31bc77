<?php

namespace InkyCard\Compose;

use InkyCard\Card\Content\TextRun;
use InkyCard\Layout\Box;
use InkyCard\Type\Bidi;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;

/**
 * Sets words in a drawing where the width tables put them: they stand where browsers put them even where the face at
 * hand is a little wider.
 */
final readonly class Lettering
{
    /**
     * Where a line is taken apart. Words of scripts the width tables lack stay together: their places are estimates.
     */
    private const PARTS = '/((?<![\p{Hebrew}\p{Arabic}]) +| +(?![\p{Hebrew}\p{Arabic}]))/u';

    /** The same where what ends a Latin word may belong to the line: it stands on its other side then. */
    private const PARTS_RTL = '/((?<![\p{Hebrew}\p{Arabic}]) +| +(?![\p{Hebrew}\p{Arabic}])'
        .'|(?<=[\p{Latin}\p{N}])(?=[^\p{L}\p{N} ]+(?: |$)))/u';

    private const UNDERLINE = 1 / 14;

    private FontMetrics $metrics;

    /** @param  FontStack  $typeface  of words without one of their own */
    public function __construct(private SvgPen $pen, private FontStack $typeface, private bool $rtl)
    {
        $this->metrics = FontMetrics::of($typeface);
    }

    /**
     * @param  list<TextRun>  $runs
     * @param  list<array{int, string}>  $stretches  run, text
     * @param  float  $x  where the line begins on the left, CSS px
     */
    public function line(array $runs, array $stretches, float $x, float $baseline): void
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
                $this->pen->rectangle(new Box($x, $baseline + $thick, $wide, $thick), $run->ink);
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
        $this->pen->open('text', $place + [
            'font-family' => $face->drawn(), 'font-size' => $run->size,
            'font-weight' => $run->bold ? 'bold' : null, 'font-style' => $run->italic ? 'italic' : null,
            'letter-spacing' => $run->spacing ?: null, 'fill' => $run->ink->hex, 'direction' => $rtl ? 'rtl' : null,
        ]);
        $this->pen->text($word);
        $this->pen->close();
    }
}
