<?php

namespace InkyCard\Colour;

/** Contrast as WCAG 2.2 defines it ("relative luminance", "contrast ratio"). */
final class Contrast
{
    /** The ratio WCAG 2.2 asks of text under 24 px (success criterion 1.4.3). */
    public const TEXT = 4.5;

    /** @return float ratio from 1 (same) to 21 (black on white) */
    public static function ratio(Colour $one, Colour $other): float
    {
        $lights = [self::luminance($one), self::luminance($other)];

        return (max($lights) + 0.05) / (min($lights) + 0.05);
    }

    /** @return float relative luminance, 0 (black) to 1 (white) */
    public static function luminance(Colour $colour): float
    {
        return 0.2126 * self::linear($colour->red)
            + 0.7152 * self::linear($colour->green)
            + 0.0722 * self::linear($colour->blue);
    }

    /** Whichever of the two inks reads better on the ground. */
    public static function better(Colour $ground, Colour $one, Colour $other): Colour
    {
        return self::ratio($one, $ground) >= self::ratio($other, $ground) ? $one : $other;
    }

    /** sRGB transfer function, IEC 61966-2-1. */
    private static function linear(int $channel): float
    {
        $value = $channel / 255;

        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }
}
