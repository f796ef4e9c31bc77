<?php

namespace InkyCard\Banner;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\Oklch;
use InkyCard\Layout\Box;

/**
 * How well a banner's words read on the pixels behind them, as baked: for every word's line the faintest patch of
 * PATCH by PATCH CSS px counts (contrast ratio of WCAG 2.2). Where that is too little, another ink is taken, and where
 * none will do, a veil laid behind the words.
 */
final readonly class Legibility
{
    /** Side of what is looked at together, CSS px: about a stroke and what is around it. */
    private const PATCH = 3;

    /** Steps a veil grows in. */
    private const VEIL = 0.05;

    /** A veil is made a little denser than it has to be: what is drawn is rounded. */
    private const SURE = 0.02;

    /** Lightness of a dark veil (OKLCH). */
    private const DARK = 0.16;

    /** Of the patches the lightest or darkest so many settle how dense a veil is. */
    private const EXTREMES = 40;

    /** @var array<string, list<Colour>> part => colours of the patches behind it, each once */
    private array $behind;

    /** @param  \GdImage  $backdrop  at any density */
    public function __construct(\GdImage $backdrop, private SetWords $words, BannerSize $size)
    {
        $across = max(1, intdiv($size->width, self::PATCH));
        $down = max(1, intdiv($size->height, self::PATCH));
        $patches = imagecreatetruecolor($across, $down);
        imagecopyresampled(
            $patches, $backdrop, 0, 0, 0, 0, $across, $down, imagesx($backdrop), imagesy($backdrop),
        );
        $behind = [];
        foreach ($words->lines as $line) {
            $behind[$line->part] = ($behind[$line->part] ?? [])
                + self::patches($patches, $line->box, $across / $size->width, $down / $size->height);
        }
        $this->behind = array_map(
            fn (array $pixels) => array_map(
                fn (int $rgb) => new Colour($rgb >> 16 & 255, $rgb >> 8 & 255, $rgb & 255), array_keys($pixels),
            ),
            $behind,
        );
    }

    /** The contrast of the words that read worst; 21 for a banner without words. */
    public function faintest(BannerLettering $lettering): float
    {
        return min([21.0, ...array_map(
            fn (string $part) => self::worst($lettering->inks[$part], $this->behind[$part]), array_keys($this->behind),
        )]);
    }

    /**
     * The same words so that they read: the inks they have if those do.
     *
     * @param  BannerInks  $inks  to take others from
     * @return array{BannerLettering, string} and what was done, a sentence; empty where nothing had to be
     */
    public function mended(BannerLettering $lettering, BannerInks $inks): array
    {
        $set = $lettering->inks;
        $changed = [];
        foreach ($this->behind as $part => $behind) {
            if (self::worst($set[$part], $behind) < Contrast::TEXT) {
                $set[$part] = $this->best($set[$part], $behind, $inks);
                $changed[] = $part;
            }
        }
        $other = new BannerLettering($set);
        if ($changed === [] || $this->faintest($other) >= Contrast::TEXT) {
            return [$other, $changed === [] ? '' : 'Another ink for the '.implode(' and the ', $changed)
                .': the one of the design would not read there.'];
        }

        return [$this->veiled($inks), 'A veil lies behind the words: they would not read on the picture without it.'];
    }

    /** @param  list<Colour>  $behind */
    private function best(Colour $ink, array $behind, BannerInks $inks): Colour
    {
        $best = $ink;
        foreach (['words', 'paper', 'deep', 'accent'] as $role) {
            if (self::worst($inks->colour($role), $behind) > self::worst($best, $behind)) {
                $best = $inks->colour($role);
            }
        }

        return $best;
    }

    /** Of a dark veil under light words and a light one under dark words that which covers less. */
    private function veiled(BannerInks $inks): BannerLettering
    {
        $light = new Colour(255, 255, 255);
        $dark = Oklch::of($inks->colour('deep'))->at(self::DARK)->toColour();
        // A veil is no help to words on a button of their own.
        $onButton = $this->words->button === null ? [] : ['call' => []];
        $behind = array_merge([], ...array_values(array_diff_key($this->behind, $onButton)));
        usort($behind, fn (Colour $one, Colour $other) => Contrast::luminance($one) <=> Contrast::luminance($other));
        [$share, $ink, $veil] = min(
            [self::covering($light, $dark, array_slice($behind, -self::EXTREMES)), $light, $dark],
            [self::covering($dark, $light, array_slice($behind, 0, self::EXTREMES)), $dark, $light],
        );
        $call = $onButton === [] || ! isset($this->behind['call']) ? $ink
            : $this->best($ink, $this->behind['call'], $inks);

        return new BannerLettering(['headline' => $ink, 'line' => $ink, 'call' => $call], [$veil, $share]);
    }

    /**
     * How dense a veil has to be.
     *
     * @param  list<Colour>  $behind
     */
    private static function covering(Colour $ink, Colour $veil, array $behind): float
    {
        for ($share = self::VEIL; $share < 1; $share += self::VEIL) {
            if (self::worst($ink, array_map(fn (Colour $at) => self::blend($at, $veil, $share), $behind))
                >= Contrast::TEXT) {
                return min(1.0, $share + self::SURE);
            }
        }

        return 1.0;
    }

    /** @param  list<Colour>  $behind */
    private static function worst(Colour $ink, array $behind): float
    {
        return min([21.0, ...array_map(fn (Colour $pixel) => Contrast::ratio($ink, $pixel), $behind)]);
    }

    /** As SVG lays one over the other: in sRGB. */
    private static function blend(Colour $under, Colour $over, float $share): Colour
    {
        $mix = fn (int $a, int $b): int => (int) round($a + ($b - $a) * $share);

        return new Colour(
            $mix($under->red, $over->red), $mix($under->green, $over->green), $mix($under->blue, $over->blue),
        );
    }

    /** @return array<int, true> colours within a box, each once */
    private static function patches(\GdImage $patches, Box $box, float $across, float $down): array
    {
        $found = [];
        [$right, $bottom] = [imagesx($patches) - 1, imagesy($patches) - 1];
        $last = min($right, ($box->x + $box->width) * $across);
        for ($y = max(0, (int) floor($box->y * $down)); $y <= min($bottom, ($box->y + $box->height) * $down); $y++) {
            for ($x = max(0, (int) floor($box->x * $across)); $x <= $last; $x++) {
                $found[imagecolorat($patches, $x, $y) & 0xFFFFFF] = true;
            }
        }

        return $found;
    }
}
