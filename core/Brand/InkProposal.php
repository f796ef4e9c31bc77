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

    /** Contrast that makes a dark colour a body ink. */
    private const BODY = 9.0;

    /**
     * @param  list<Colour>  $colours  most fitting first
     * @return array<string, Colour> role => ink; every text ink reads on the paper
     */
    public static function of(array $colours, ?Colour $background = null): array
    {
        $pale = fn (Colour $colour) => Oklch::of($colour)->lightness >= self::PALE
            && Oklch::of($colour)->chroma < self::COLOURFUL;
        $papers = array_values(
            array_filter([$background, ...$colours], fn (?Colour $colour) => $colour !== null && $pale($colour)),
        );
        $paper = $papers[0] ?? new Colour(255, 255, 255);
        // A background that is no paper is a colour of the brand like the others, and the largest.
        $inks = array_values(
            array_filter($background === null ? $colours : [$background, ...$colours], fn (Colour $colour) => ! $pale($colour)),
        );
        $colourful = array_values(
            array_filter($inks, fn (Colour $colour) => Oklch::of($colour)->chroma >= self::COLOURFUL),
        );
        // What is nearly black or nearly white by its lightness is no accent while there is another.
        $bright = array_values(
            array_filter(
                $colourful,
                fn (Colour $colour) => Oklch::of($colour)->lightness > self::NIGHT
                    && Oklch::of($colour)->lightness < self::DAY,
            ),
        );
        $accent = $bright[0] ?? ($colourful[0] ?? ($inks[0] ?? Colour::hex('#333333')));
        // The link ink tells itself from the accent where there is a second colour to do it with.
        $others = array_values(
            array_filter(
                $colourful,
                fn (Colour $colour) => abs(self::turn(Oklch::of($colour)->hue - Oklch::of($accent)->hue)) > 25,
            ),
        );
        $link = $others[0] ?? $accent;
        $dark = array_values(
            array_filter(
                $inks,
                fn (Colour $colour) => ! $colour->equals($accent) && Contrast::ratio($colour, $paper) >= self::BODY,
            ),
        );
        $hue = Oklch::of($link);
        $body = $dark[0] ?? (new Oklch(0.3, min(0.025, $hue->chroma), $hue->hue))->toColour();
        $base = Oklch::of($body);

        return [
            'body' => $body,
            'accent' => self::reads($accent, $paper),
            'quiet' => self::reads(
                (new Oklch(0.62, min(0.03, $base->chroma), $base->hue))->toColour(),
                $paper,
                self::QUIET,
            ),
            'link' => self::reads($link, $paper),
            'paper' => $paper,
        ];
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
