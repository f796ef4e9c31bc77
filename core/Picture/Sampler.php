<?php

namespace InkyCard\Picture;

use InkyCard\Colour\Palette;

/** Looks at a picture's colours. */
final class Sampler
{
    /** Longest side looked at, px: single pixels are picked, not mixed, so that flat colours stay exact. */
    private const SIDE = 160;

    /** @throws \InkyCard\Refusal when it is no picture we take */
    public static function palette(string $bytes): Palette
    {
        return self::of(Intake::decode($bytes));
    }

    public static function of(\GdImage $image): Palette
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $scale = min(1, self::SIDE / max($width, $height));
        [$across, $down] = [max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale))];
        $pixels = [];
        for ($y = 0; $y < $down; $y++) {
            $row = (int) (($y + 0.5) * $height / $down);
            for ($x = 0; $x < $across; $x++) {
                $pixels[] = (int) imagecolorat($image, (int) (($x + 0.5) * $width / $across), $row);
            }
        }

        return Palette::of($pixels, $across);
    }
}
