<?php

namespace InkyCard\Colour;

/**
 * A colour in OKLCH, the polar form of OKLab (Björn Ottosson, "A perceptual
 * color space for image processing", 2020; CSS Color 4, section 9.2), where
 * equal steps look equal.
 */
final readonly class Oklch
{
    /** Just noticeable difference in OKLab (CSS Color 4, section 13.2). */
    public const NOTICEABLE = 0.02;

    private const EXACT = 0.0001;

    /**
     * @param  float  $lightness  0 (black) to 1 (white)
     * @param  float  $chroma  0 (grey) to about 0.32 within sRGB
     * @param  float  $hue  degrees, 0 to 360; means nothing where chroma is 0
     */
    public function __construct(public float $lightness, public float $chroma, public float $hue)
    {
    }

    public static function of(Colour $colour): self
    {
        return self::ofLinear([
            Colour::linear($colour->red), Colour::linear($colour->green), Colour::linear($colour->blue),
        ]);
    }

    /** @param  array{float, float, float}  $linear  linear-light sRGB, outside 0 to 1 where it is out of gamut */
    public static function ofLinear(array $linear): self
    {
        [$l, $a, $b] = self::toLab($linear);
        $hue = rad2deg(atan2($b, $a));

        return new self($l, hypot($a, $b), $hue < 0 ? $hue + 360 : $hue);
    }

    /** The same colour with another lightness. */
    public function at(float $lightness): self
    {
        return new self(max(0.0, min(1.0, $lightness)), $this->chroma, $this->hue);
    }

    /** The grey of the same lightness. */
    public function grey(): Colour
    {
        return (new self($this->lightness, 0.0, 0.0))->toColour();
    }

    /**
     * The nearest sRGB colour: where it lies outside, chroma is reduced until it does not show (CSS Color 4, section
     * 13.2.2).
     */
    public function toColour(): Colour
    {
        if ($this->lightness >= 1 || $this->lightness <= 0) {
            return $this->lightness >= 1 ? new Colour(255, 255, 255) : new Colour(0, 0, 0);
        }
        $linear = $this->linear($this->chroma);
        if (self::inGamut($linear)) {
            return self::clip($linear);
        }
        if ($this->clippedBy($this->chroma) < self::NOTICEABLE) {
            return self::clip($linear);
        }
        [$low, $high, $lowInGamut] = [0.0, $this->chroma, true];
        while ($high - $low > self::EXACT) {
            $chroma = ($low + $high) / 2;
            if ($lowInGamut && self::inGamut($this->linear($chroma))) {
                $low = $chroma;

                continue;
            }
            $off = $this->clippedBy($chroma);
            if ($off >= self::NOTICEABLE) {
                $high = $chroma;
            } elseif (self::NOTICEABLE - $off < self::EXACT) {
                $low = $high = $chroma;
            } else {
                [$lowInGamut, $low] = [false, $chroma];
            }
        }

        return self::clip($this->linear($low));
    }

    /** How far apart two colours look, delta-E OK: 0 is equal, 0.02 just noticeable, black to white 1. */
    public static function distance(Colour $one, Colour $other): float
    {
        return self::between(self::lab($one), self::lab($other));
    }

    /** @param  float  $share  of the other, 0 to 1 */
    public static function mixed(Colour $one, Colour $other, float $share): Colour
    {
        [$from, $to] = [self::lab($one), self::lab($other)];
        [$lightness, $a, $b] = array_map(fn (float $x, float $y) => $x + ($y - $x) * $share, $from, $to);

        return (new self($lightness, hypot($a, $b), rad2deg(atan2($b, $a))))->toColour();
    }

    /** @return array{float, float, float} OKLab: lightness, green-red, blue-yellow */
    public static function lab(Colour $colour): array
    {
        return self::toLab([
            Colour::linear($colour->red),
            Colour::linear($colour->green),
            Colour::linear($colour->blue),
        ]);
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     */
    public static function between(array $one, array $other): float
    {
        return sqrt(($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2);
    }

    /** How far the clipped colour is from the one asked for. */
    private function clippedBy(float $chroma): float
    {
        $angle = deg2rad($this->hue);

        return self::between(
            [$this->lightness, $chroma * cos($angle), $chroma * sin($angle)],
            self::lab(self::clip($this->linear($chroma))),
        );
    }

    /** @return array{float, float, float} linear-light sRGB, outside 0 to 1 where it is out of gamut */
    private function linear(float $chroma): array
    {
        $angle = deg2rad($this->hue);
        [$a, $b] = [$chroma * cos($angle), $chroma * sin($angle)];
        $l = ($this->lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($this->lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($this->lightness - 0.0894841775 * $a - 1.2914855480 * $b) ** 3;

        return [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
        ];
    }

    /**
     * @param  array{float, float, float}  $linear
     * @return array{float, float, float}
     */
    private static function toLab(array $linear): array
    {
        [$r, $g, $b] = $linear;
        $l = self::root(0.4122214708 * $r + 0.5363325363 * $g + 0.0514459929 * $b);
        $m = self::root(0.2119034982 * $r + 0.6806995451 * $g + 0.1073969566 * $b);
        $s = self::root(0.0883024619 * $r + 0.2817188376 * $g + 0.6299787005 * $b);

        return [
            0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s,
            1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s,
            0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s,
        ];
    }

    private static function root(float $value): float
    {
        return $value < 0 ? -((-$value) ** (1 / 3)) : $value ** (1 / 3);
    }

    /** @param  array{float, float, float}  $linear */
    private static function inGamut(array $linear): bool
    {
        return min($linear) >= -self::EXACT && max($linear) <= 1 + self::EXACT;
    }

    /** @param  array{float, float, float}  $linear */
    private static function clip(array $linear): Colour
    {
        return new Colour(...array_map(function (float $value): int {
            $value = max(0.0, min(1.0, $value));

            return (int) round(255 * ($value <= 0.0031308 ? 12.92 * $value : 1.055 * $value ** (1 / 2.4) - 0.055));
        }, $linear));
    }
}
