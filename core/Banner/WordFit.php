<?php

namespace InkyCard\Banner;

use InkyCard\Card\Content\TextRun;
use InkyCard\Colour\Colour;
use InkyCard\Layout\Box;
use InkyCard\Refusal;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;

/** Sets a banner's words at the largest size that fits their place, each text in at most three lines. */
final readonly class WordFit
{
    /** Sizes of the headline that are tried, CSS px, and the step between them. */
    private const SIZES = [11.0, 46.0];

    private const STEP = 0.5;

    /** Sizes by that of the headline, and the least of them, CSS px. */
    private const BY_HEADLINE = ['headline' => 1.0, 'line' => 0.58, 'call' => 0.58];

    private const LEAST = 9.5;

    private const LINES = 3;

    /** By size: between two texts, around the words of a button, and between letters of capitals. */
    private const BETWEEN = 0.22;

    private const AROUND = [0.34, 0.9];

    private const SPACED = 0.06;

    /** Between words and a call beside them, by the headline's size. */
    private const BESIDE = 1.0;

    /** @param  Box  $place  where the words stand, CSS px */
    public function __construct(private FontStack $typeface, private Box $place, private DesignForm $form)
    {
    }

    /**
     * @throws Refusal with the path of the words to shorten, and by how much
     */
    public function set(Banner $banner): SetWords
    {
        $texts = $this->texts($banner);

        return $this->largest($texts, $banner->runsFromRight()) ?? throw $this->tooLong($texts, $banner);
    }

    /** @return array<string, string> those there are, as they are set */
    private function texts(Banner $banner): array
    {
        $call = $banner->call;
        if ($call !== '' && $this->form->button === null) {
            $call .= $banner->runsFromRight() ? ' ←' : ' →';
        }

        return array_filter([
            'headline' => $this->form->capitals ? mb_strtoupper($banner->headline) : $banner->headline,
            'line' => $banner->line, 'call' => $call,
        ], fn (string $text) => $text !== '');
    }

    /** @param  array<string, string>  $texts */
    private function largest(array $texts, bool $rtl): ?SetWords
    {
        [$low, $high] = [0, (int) ((self::SIZES[1] - self::SIZES[0]) / self::STEP)];
        $best = null;
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            $set = $this->at($texts, self::SIZES[0] + $middle * self::STEP, $rtl);
            if ($set !== null) {
                $best = $set;
                $low = $middle + 1;
            } else {
                $high = $middle - 1;
            }
        }

        return $best;
    }

    /**
     * The call stands below the words, or, where there is no room for that, beside them.
     *
     * @param  array<string, string>  $texts
     */
    private function at(array $texts, float $size, bool $rtl): ?SetWords
    {
        return $this->stacked($texts, $size, $rtl) ?? $this->beside($texts, $size, $rtl);
    }

    /** @param  array<string, string>  $texts */
    private function stacked(array $texts, float $size, bool $rtl): ?SetWords
    {
        $blocks = $this->blocks($texts, $size, $this->place->width);

        return $blocks === null || self::height($blocks, $size) > $this->place->height ? null
            : $this->placed([[$blocks, $this->place]], $size, $rtl);
    }

    /** @param  array<string, string>  $texts */
    private function beside(array $texts, float $size, bool $rtl): ?SetWords
    {
        if (! isset($texts['call']) || count($texts) < 2 || $this->form->align === 'center') {
            return null;
        }
        $call = $this->blocks(['call' => $texts['call']], $size, $this->place->width);
        $wide = $call === null ? 0.0 : $call[0]->width;
        $room = $this->place->width - $wide - $size * self::BESIDE;
        $blocks = $room <= 0 ? null : $this->blocks(array_diff_key($texts, ['call' => '']), $size, $room);
        if ($call === null || $blocks === null || count($call[0]->lines) > 1
            || max(self::height($blocks, $size), self::height($call, $size)) > $this->place->height) {
            return null;
        }
        $x = $this->place->x;
        [$words, $button] = $rtl ? [$x + $this->place->width - $room, $x] : [$x, $x + $this->place->width - $wide];

        return $this->placed([
            [$blocks, new Box($words, $this->place->y, $room, $this->place->height)],
            [$call, new Box($button, $this->place->y, $wide, $this->place->height)],
        ], $size, $rtl);
    }

    /**
     * @param  array<string, string>  $texts
     * @return ?list<WordBlock> null where a text does not fit the width in three lines
     */
    private function blocks(array $texts, float $size, float $room): ?array
    {
        $blocks = [];
        foreach ($texts as $part => $text) {
            $own = max(self::LEAST, round($size * self::BY_HEADLINE[$part], 2));
            $run = new TextRun(
                $text, new Colour(0, 0, 0), $own, bold: $part !== 'line',
                spacing: $part === 'headline' && $this->form->capitals ? round($own * self::SPACED, 2) : 0,
            );
            $around = $part === 'call' && $this->form->button !== null
                ? [$own * self::AROUND[0], $own * self::AROUND[1]] : [0.0, 0.0];
            $blocks[] = $block = new WordBlock($part, $run, $this->typeface, $room, $around);
            if (! $block->fits(self::LINES)) {
                return null;
            }
        }

        return $blocks;
    }

    /** @param  list<WordBlock>  $blocks */
    private static function height(array $blocks, float $size): float
    {
        return array_sum(array_map(fn (WordBlock $block) => $block->height, $blocks))
            + max(0, count($blocks) - 1) * $size * self::BETWEEN;
    }

    /** @param  list<array{list<WordBlock>, Box}>  $columns */
    private function placed(array $columns, float $size, bool $rtl): SetWords
    {
        $set = [];
        $button = null;
        foreach ($columns as [$blocks, $place]) {
            $y = $place->y + ($place->height - self::height($blocks, $size)) / 2;
            foreach ($blocks as $block) {
                [$above, $aside] = $block->around;
                $indent = fn (float $wide): float => match (true) {
                    $this->form->align === 'center' => ($place->width - $wide) / 2,
                    $rtl => $place->width - $wide,
                    default => 0.0,
                };
                if ($aside > 0) {
                    $button = new Box($place->x + $indent($block->width), $y, $block->width, $block->height);
                }
                [$ascent] = FontMetrics::line([[FontMetrics::of($this->typeface), $block->run->size]], $block->high);
                foreach ($block->lines as $at => [$wide, $stretches]) {
                    $top = $y + $above + $at * $block->high;
                    $set[] = new SetLine($block->part, $block->run, $stretches, new Box(
                        $place->x + $indent($wide + 2 * $aside) + $aside, $top, $wide, $block->high,
                    ), $top + $ascent);
                }
                $y += $block->height + $size * self::BETWEEN;
            }
        }

        return new SetWords($set, $button, $this->place);
    }

    /** @param  array<string, string>  $texts */
    private function tooLong(array $texts, Banner $banner): Refusal
    {
        // What takes most room by what is usual for it is what is shortened first.
        $lengths = array_map(mb_strlen(...), $texts);
        $over = ['headline' => 1.4, 'line' => 0.7, 'call' => 1.0];
        uksort($lengths, fn (string $one, string $other) => $over[$other] * $lengths[$other]
            <=> $over[$one] * $lengths[$one]);
        $size = $banner->size->words();
        foreach (array_keys($lengths) as $part) {
            for ($left = mb_strlen($texts[$part]) - 1; $left > 2; $left--) {
                $shorter = [$part => rtrim(mb_substr($texts[$part], 0, $left))] + $texts;
                if ($this->at(array_replace($texts, $shorter), self::SIZES[0], false) !== null) {
                    return Refusal::because(
                        'These words are too long for :size in this design: shorten the :part to about '
                            .':left letters.',
                        "/$part", ['size' => $size, 'part' => $part, 'left' => $left],
                    );
                }
            }
        }

        return Refusal::because(
            'There is no room for so many words on :size in this design: leave one of the texts out.',
            '/headline', ['size' => $size],
        );
    }
}
