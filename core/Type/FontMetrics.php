<?php

namespace InkyCard\Type;

/**
 * Widths of a typeface, read from its metric twin: an open font whose glyphs
 * advance as the typeface's own do (Liberation, Carlito, Caladea, Gelasio,
 * DejaVu; tables made by resources/metrics.php). Kerning is off, as most mail
 * clients leave it off at these sizes.
 */
final class FontMetrics
{
    /** Letters of Hebrew and Arabic scripts. */
    private const RIGHT_TO_LEFT = '/[\x{590}-\x{6FF}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFF}]/u';

    private const OTHER = 'dejavu-sans';

    /** @var array<string, self> */
    private static array $loaded = [];

    /**
     * @param  array{
     *     units: int, ascent: int, descent: int, gap: int, regular: array<int, int>, bold: array<int, int>,
     * }  $table
     */
    private function __construct(private readonly array $table)
    {
    }

    public static function of(FontStack $stack): self
    {
        return self::$loaded[$stack->twin()] ??= new self(require __DIR__."/Metrics/{$stack->twin()}.php");
    }

    /**
     * Advance width of a text set on one line.
     *
     * @param  float  $size  CSS px
     * @return float CSS px
     */
    public function width(string $text, float $size, bool $bold = false): float
    {
        if (preg_match(self::RIGHT_TO_LEFT, $text) === 1) {
            return $this->fromTheRight($text, $size, $bold ? 'bold' : 'regular');
        }
        $table = $this->table[$bold ? 'bold' : 'regular'];
        $units = 0.0;
        $joined = false;
        foreach (preg_match('/[^\x20-\x7e]/', $text) ? mb_str_split($text) : str_split($text) as $character) {
            $point = strlen($character) === 1 ? ord($character) : (int) mb_ord($character, 'UTF-8');
            // What follows a zero-width joiner melts into the sign before it.
            if ($joined) {
                $joined = false;

                continue;
            }
            $joined = $point === 0x200D;
            $units += $table[$point] ?? self::unknown($point) * $this->table['units'];
        }

        return $units * $size / $this->table['units'];
    }

    /** @param  'regular'|'bold'  $weight */
    private function fromTheRight(string $text, float $size, string $weight): float
    {
        // Faces without these scripts leave them to another: one that has both.
        $other = self::$loaded[self::OTHER] ??= new self(require __DIR__.'/Metrics/'.self::OTHER.'.php');
        $em = 0.0;
        foreach (Joined::forms($text) as $point) {
            $em += match (true) {
                isset($this->table[$weight][$point]) => $this->table[$weight][$point] / $this->table['units'],
                isset($other->table[$weight][$point]) => $other->table[$weight][$point] / $other->table['units'],
                default => self::unknown($point),
            };
        }

        return $em * $size;
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
     * Height of a line box that holds several sizes, each with the same line height
     * (CSS 2.2, 10.8.1): their half-leadings differ, so they do not lie in one another.
     *
     * @param  list<float>  $sizes  CSS px
     * @param  int  $height  line height of each, CSS px
     */
    public function lineBox(array $sizes, int $height): float
    {
        return array_sum($this->aroundBaseline($sizes, $height));
    }

    /**
     * What of such a line box is above its baseline, and below it.
     *
     * @param  list<float>  $sizes  CSS px
     * @param  float  $height  line height of each, CSS px
     * @return array{float, float} CSS px
     */
    public function aroundBaseline(array $sizes, float $height): array
    {
        $above = $below = 0.0;
        foreach ($sizes as $size) {
            // Browsers round ascent and descent to whole pixels.
            $ascent = round($this->table['ascent'] * $size / $this->table['units']);
            $descent = round($this->table['descent'] * $size / $this->table['units']);
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
