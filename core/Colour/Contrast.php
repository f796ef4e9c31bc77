<?php

namespace InkyCard\Colour;

/** Contrast as WCAG 2.2 defines it ("relative luminance", "contrast ratio"). */
final class Contrast
{
    /** The ratio WCAG 2.2 asks of text under 24 px (success criterion 1.4.3). */
    public const TEXT = 4.5;

    /** Of lightness, smaller than what one step of a channel makes. */
    private const STEP = 0.0025;

    private static ?Colour $dark = null;

    /** @var array<string, Colour> */
    private static array $readable = [];

    /** @var array<string, float> */
    private static array $luminances = [];

    /** @return float ratio from 1 (same) to 21 (black on white) */
    public static function ratio(Colour $one, Colour $other): float
    {
        [$light, $dark] = [self::luminance($one), self::luminance($other)];

        return $light > $dark ? ($light + 0.05) / ($dark + 0.05) : ($dark + 0.05) / ($light + 0.05);
    }

    /** @return float relative luminance, 0 (black) to 1 (white) */
    public static function luminance(Colour $colour): float
    {
        // A card has a handful of inks and asks for the same ones again and again.
        if (count(self::$luminances) > 500) {
            self::$luminances = [];
        }

        return self::$luminances[$colour->hex] ??= 0.2126 * Colour::linear($colour->red)
            + 0.7152 * Colour::linear($colour->green)
            + 0.0722 * Colour::linear($colour->blue);
    }

    /** The paper's colour or near-black, whichever reads better on the background. */
    public static function readable(Colour $background, Colour $paper): Colour
    {
        $dark = self::$dark ??= Colour::hex('#111111');
        if (count(self::$readable) > 500) {
            self::$readable = [];
        }

        return self::$readable[$background->hex.$paper->hex] ??=
            self::ratio($paper, $background) >= self::ratio($dark, $background) ? $paper : $dark;
    }

    /**
     * The ink of the same hue nearest in lightness that reads on a background.
     *
     * @param  float  $ratio  asked for, 1 to 21
     * @return ?Colour null when none of the hue does
     */
    public static function nearestReadable(Colour $ink, Colour $background, float $ratio = self::TEXT): ?Colour
    {
        return self::nearest($ink, fn (Colour $other) => self::ratio($other, $background) >= $ratio);
    }

    /**
     * The colour of the same hue nearest in lightness that passes.
     *
     * @param  \Closure(Colour): bool  $passes
     */
    public static function nearest(Colour $ink, \Closure $passes): ?Colour
    {
        if ($passes($ink)) {
            return $ink;
        }
        $from = Oklch::of($ink);
        // Small steps both ways: what passes need not do so all the way to black or white.
        for ($away = self::STEP; $away < 1 + self::STEP; $away += self::STEP) {
            foreach ([-1, 1] as $way) {
                $lightness = $from->lightness + $way * $away;
                if ($lightness < -self::STEP || $lightness > 1 + self::STEP) {
                    continue;
                }
                $candidate = $from->at($lightness)->toColour();
                if ($passes($candidate)) {
                    return $candidate;
                }
            }
        }

        return null;
    }
}
