<?php

namespace InkyCard\Brand;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Colour\Oklch;
use InkyCard\Limits;

/**
 * Inks to start from, computed from one (need F04): hues around the circle of OKLCH, lightness and chroma by what each
 * ink is for. All of them read on their paper, and where a page is forced dark.
 */
final readonly class Scheme
{
    /**
     * What it is called => where its links stand from the ink on the circle, in degrees; chroma of its words; lightness
     * and chroma of its paper.
     */
    private const SCHEMES = [
        'One ink' => [0, 0.02, 1.0, 0.0],
        'Beside it' => [35, 0.025, 1.0, 0.0],
        'Across' => [180, 0.02, 1.0, 0.0],
        'A third on' => [120, 0.02, 1.0, 0.0],
        'On its own paper' => [0, 0.03, 0.965, 0.018],
        'At night' => [60, 0.012, 0.2, 0.025],
    ];

    /** @param  array<string, Colour>  $inks  role => colour */
    private function __construct(public string $name, public array $inks)
    {
    }

    /** @return list<self> */
    public static function of(Colour $ink): array
    {
        $schemes = [];
        foreach (self::SCHEMES as $name => [$turn, $chroma, $lightness, $tint]) {
            $schemes[] = new self($name, self::inks(Oklch::of($ink), $turn, $chroma, $lightness, $tint));
        }

        return $schemes;
    }

    /** @return array<string, Colour> */
    private static function inks(Oklch $ink, float $turn, float $chroma, float $lightness, float $tint): array
    {
        $paper = (new Oklch($lightness, $tint, $ink->hue))->toColour();
        $dark = $lightness < 0.5;
        $link = new Oklch($dark ? 0.8 : 0.45, max(0.06, $ink->chroma), fmod($ink->hue + $turn + 360, 360));

        return array_map(fn (Oklch $one) => self::readable($one->toColour(), $paper), [
            'body' => new Oklch($dark ? 0.94 : 0.27, $chroma, $ink->hue),
            'accent' => $dark ? new Oklch(max(0.75, $ink->lightness), $ink->chroma, $ink->hue) : $ink,
            'quiet' => new Oklch($dark ? 0.75 : 0.5, $chroma, $ink->hue),
            'link' => $link,
        ]) + ['paper' => $paper];
    }

    private static function readable(Colour $ink, Colour $paper): Colour
    {
        return Contrast::nearest($ink, fn (Colour $one) => Contrast::ratio($one, $paper) >= Contrast::TEXT
            && DarkPage::Forced->ratio($one, $paper) >= Limits::DARK_CONTRAST) ?? Contrast::readable($paper, $paper);
    }
}
