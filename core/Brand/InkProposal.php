<?php

namespace InkyCard\Brand;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\Oklch;

/** Inks by role from colours somebody has: those of a logo, or a pasted list. */
final class InkProposal
{
    /** From this OKLCH chroma on a colour draws the eye. */
    private const COLOURFUL = 0.045;

    /** A background from this lightness on is a paper. */
    private const PALE = 0.94;

    /** Lightness between which a colour shows its hue. */
    private const NIGHT = 0.32;

    private const DAY = 0.88;

    /** Contrast the quiet ink keeps: under the body's, above what text needs on dark pages too. */
    private const QUIET = 5.6;

    /** Degrees of hue between two colours that are told apart. */
    private const APART = 25;

    /** Contrast that makes a dark colour a body ink. */
    private const BODY = 9.0;

    /**
     * @param  list<Colour>  $colours  most fitting first
     * @return array<string, Colour> role => ink; every text ink reads on the paper
     */
    public static function of(array $colours, ?Colour $background = null): array
    {
        // A background that is no paper is a colour of the brand like the others, and the largest.
        $all = array_values(array_filter([$background, ...$colours]));
        $paper = array_values(array_filter($all, self::isPale(...)))[0] ?? new Colour(255, 255, 255);
        $inks = array_values(array_filter($all, fn (Colour $colour) => ! self::isPale($colour)));
        $colourful = array_values(array_filter($inks, self::isColourful(...)));
        $accent = self::accent($colourful, $inks);
        $link = self::link($colourful, $accent);
        $body = self::body($inks, $accent, $link, $paper);
        $base = Oklch::of($body);
        $quiet = (new Oklch(0.62, min(0.03, $base->chroma), $base->hue))->toColour();

        return [
            'body' => $body,
            'accent' => self::reads($accent, $paper),
            'quiet' => self::reads($quiet, $paper, self::QUIET),
            'link' => self::reads($link, $paper),
            'paper' => $paper,
        ];
    }

    private static function isPale(Colour $colour): bool
    {
        return Oklch::of($colour)->lightness >= self::PALE && ! self::isColourful($colour);
    }

    private static function isColourful(Colour $colour): bool
    {
        return Oklch::of($colour)->chroma >= self::COLOURFUL;
    }

    /**
     * @param  list<Colour>  $colourful
     * @param  list<Colour>  $inks
     */
    private static function accent(array $colourful, array $inks): Colour
    {
        // What is nearly black or nearly white by its lightness is no accent while there is another.
        $bright = array_filter($colourful, function (Colour $colour): bool {
            $lightness = Oklch::of($colour)->lightness;

            return $lightness > self::NIGHT && $lightness < self::DAY;
        });

        return array_values($bright)[0] ?? $colourful[0] ?? $inks[0] ?? Colour::hex('#333333');
    }

    /**
     * Tells itself from the accent where there is a second colour to do it with.
     *
     * @param  list<Colour>  $colourful
     */
    private static function link(array $colourful, Colour $accent): Colour
    {
        $hue = Oklch::of($accent)->hue;
        $others = array_filter(
            $colourful,
            fn (Colour $colour) => abs(self::turn(Oklch::of($colour)->hue - $hue)) > self::APART,
        );

        return array_values($others)[0] ?? $accent;
    }

    /** @param  list<Colour>  $inks */
    private static function body(array $inks, Colour $accent, Colour $link, Colour $paper): Colour
    {
        $dark = array_filter(
            $inks,
            fn (Colour $colour) => ! $colour->equals($accent) && Contrast::ratio($colour, $paper) >= self::BODY,
        );
        $hue = Oklch::of($link);

        return array_values($dark)[0] ?? (new Oklch(0.3, min(0.025, $hue->chroma), $hue->hue))->toColour();
    }

    private static function reads(Colour $ink, Colour $paper, float $ratio = Contrast::TEXT): Colour
    {
        return Contrast::nearestReadable($ink, $paper, $ratio) ?? $ink;
    }

    /** An angle as -180 to 180 degrees. */
    private static function turn(float $degrees): float
    {
        return fmod($degrees + 540, 360) - 180;
    }
}
