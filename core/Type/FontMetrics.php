<?php

namespace InkyCard\Type;

/**
 * Widths of a typeface, read from its metric twin: an open font whose glyphs
 * advance as the typeface's own do (Liberation, Carlito, Caladea, Gelasio,
 * DejaVu; tables made by resources/metrics.php), with the kerning and the
 * ligatures browsers set it with. A sign the twin lacks is as wide as in the
 * next of its chain.
 */
final class FontMetrics
{
    /** Letters of Hebrew and Arabic scripts. */
    private const RIGHT_TO_LEFT = '/[\x{590}-\x{6FF}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFF}]/u';

    /** Has letters of all scripts there are tables for. */
    private const OTHER = 'dejavu-sans';

    /** Widths of texts kept; the same words are measured at every edit. */
    private const KEPT = 4000;

    /** @var array<string, self> */
    private static array $loaded = [];

    /** @var array<string, array<string, float>> style => text => em */
    private array $known = [];

    /**
     * @param  array{
     *     units: int, ascent: int, descent: int, gap: int, regular: array<int, int>, bold: array<int, int>,
     *     italic: array<int, int>, bold-italic: array<int, int>, kern: array<string, array{left: array<int, int>,
     *     right: array<int, int>, across: int, pairs: array<int, int>}>,
     * }  $table
     * @param  list<string>  $chain  twins of what stands in for it, itself left out
     * @param  array{float, float}  $wide  its words by how wide the table has them, regular and bold
     */
    private function __construct(
        private readonly array $table, private readonly array $chain, private readonly array $wide = [1.0, 1.0],
    ) {
    }

    public static function of(FontStack $stack): self
    {
        return self::$loaded[$stack->key] ??= self::load($stack->twin(), array_values(array_unique([
            ...array_diff($stack->chain(), [$stack->twin()]), self::OTHER,
        ])), [$stack->width(false), $stack->width(true)]);
    }

    /**
     * @param  list<string>  $chain
     * @param  array{float, float}  $wide
     */
    private static function load(string $twin, array $chain = [], array $wide = [1.0, 1.0]): self
    {
        return new self(require __DIR__."/Metrics/$twin.php", $chain, $wide);
    }

    /**
     * Advance width of a text set on one line.
     *
     * @param  float  $size  CSS px
     * @return float CSS px
     */
    public function width(string $text, float $size, bool $bold = false, bool $italic = false): float
    {
        $style = $bold ? ($italic ? 'bold-italic' : 'bold') : ($italic ? 'italic' : 'regular');
        if (count($this->known[$style] ?? []) > self::KEPT) {
            $this->known[$style] = [];
        }

        $em = $this->known[$style][$text] ??= preg_match(self::RIGHT_TO_LEFT, $text) === 1
            ? $this->fromTheRight($text, $style)
            : $this->fromTheLeft($text, $style);

        return $size * $em * $this->wide[$bold ? 1 : 0];
    }

    /**
     * @param  'regular'|'bold'|'italic'|'bold-italic'  $style
     * @return float em
     */
    private function fromTheLeft(string $text, string $style): float
    {
        $widths = $this->table[$style];
        ['left' => $left, 'right' => $right, 'across' => $across, 'pairs' => $pairs] = $this->table['kern'][$style];
        $units = $em = 0.0;
        $joined = false;
        $before = null;
        foreach (preg_match('/[^\x20-\x7e]/', $text) ? mb_str_split($text) : str_split($text) as $character) {
            $point = strlen($character) === 1 ? ord($character) : (int) mb_ord($character, 'UTF-8');
            // What follows a zero-width joiner melts into the sign before it.
            if ($joined) {
                $joined = false;

                continue;
            }
            $joined = $point === 0x200D;
            if (isset($widths[$point])) {
                $units += $widths[$point];
                $units += isset($before, $right[$point]) ? $pairs[$before * $across + $right[$point]] ?? 0 : 0;
            } else {
                $em += $this->elsewhere($point, $style);
            }
            $before = $left[$point] ?? null;
        }

        return $em + $units / $this->table['units'];
    }

    /**
     * @param  'regular'|'bold'|'italic'|'bold-italic'  $style
     * @return float em
     */
    private function fromTheRight(string $text, string $style): float
    {
        $em = 0.0;
        foreach (Joined::forms($text) as $point) {
            $em += isset($this->table[$style][$point])
                ? $this->table[$style][$point] / $this->table['units']
                : $this->elsewhere($point, $style);
        }

        return $em;
    }

    /**
     * Of a sign the twin lacks: what the next of its chain that has it gives it.
     *
     * @param  'regular'|'bold'|'italic'|'bold-italic'  $style
     * @return float em
     */
    private function elsewhere(int $point, string $style): float
    {
        foreach ($this->chain as $twin) {
            $other = self::$loaded[" $twin"] ??= self::load($twin);
            // Slanted faces have fewer scripts than upright ones.
            foreach ([$style, 'regular'] as $tried) {
                if (isset($other->table[$tried][$point])) {
                    return $other->table[$tried][$point] / $other->table['units'];
                }
            }
        }

        return self::unknown($point);
    }

    /** Height of a line nobody set a height for (`line-height: normal`), CSS px. */
    public function lineHeight(float $size): float
    {
        // Browsers round each of the three to whole pixels.
        return array_sum(array_map(
            fn (int $part) => round($part * $size / $this->table['units']),
            [$this->table['ascent'], $this->table['descent'], $this->table['gap']],
        ));
    }

    /**
     * What of a line box is above its baseline, and below it, where all of it has one face.
     *
     * @param  list<float>  $sizes  CSS px
     * @param  float  $height  line height of each, CSS px
     * @return array{float, float} CSS px
     */
    public function aroundBaseline(array $sizes, float $height): array
    {
        return self::line(array_map(fn (float $size) => [$this, $size], $sizes), $height);
    }

    /**
     * The same where its words have several faces and sizes, each with the same line height (CSS 2.2, 10.8.1): their
     * half-leadings differ, so they do not lie in one another.
     *
     * @param  list<array{self, float}>  $words  face, size in CSS px
     * @param  float  $height  line height of each, CSS px
     * @return array{float, float} CSS px
     */
    public static function line(array $words, float $height): array
    {
        $above = $below = 0.0;
        foreach ($words as [$face, $size]) {
            // Browsers round ascent and descent to whole pixels.
            $ascent = round($face->table['ascent'] * $size / $face->table['units']);
            $descent = round($face->table['descent'] * $size / $face->table['units']);
            $leading = ($height - $ascent - $descent) / 2;
            $above = max($above, $ascent + $leading);
            $below = max($below, $descent + $leading);
        }

        return [$above, $below];
    }

    /** Advance of a sign the table lacks, in em: what readers' fallback fonts give it on the whole. */
    private static function unknown(int $point): float
    {
        return match (true) {
            // Combining marks, joiners, variation selectors, direction marks and skin tones take no room.
            in_array(
                \IntlChar::charType($point),
                [
                    \IntlChar::CHAR_CATEGORY_NON_SPACING_MARK,
                    \IntlChar::CHAR_CATEGORY_ENCLOSING_MARK,
                    \IntlChar::CHAR_CATEGORY_FORMAT_CHAR,
                ],
                true,
            ),
            $point >= 0x1F3FB && $point <= 0x1F3FF => 0.0,
            $point >= 0x1F000 => 1.25,
            // East Asian wide and full-width signs (UAX #11) fill the em square.
            in_array(\IntlChar::getIntPropertyValue($point, \IntlChar::PROPERTY_EAST_ASIAN_WIDTH), [3, 5], true) => 1.0,
            $point >= 0x590 && $point <= 0x8FF => 0.56,
            default => 0.6,
        };
    }
}
