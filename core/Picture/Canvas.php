<?php

namespace InkyCard\Picture;

use InkyCard\Colour\Colour;
use InkyCard\Refusal;

/** What everything that draws has to do with GD. */
final class Canvas
{
    /** Steps of the grid clear pixels are looked for in. */
    private const GRID = 24;

    /** Clear all over. */
    public static function clear(int $width, int $height): \GdImage
    {
        $canvas = imagecreatetruecolor(max(1, $width), max(1, $height));
        if ($canvas === false) {
            throw Refusal::because('There is not enough memory for this picture.');
        }
        imagealphablending($canvas, false);
        imagesavealpha($canvas, true);
        imagefill($canvas, 0, 0, 127 << 24);

        return $canvas;
    }

    /**
     * What a function of GD writes.
     *
     * @param  \Closure(): bool  $write
     */
    public static function file(\Closure $write): string
    {
        ob_start();
        $write();

        return (string) ob_get_clean();
    }

    /** Gives all that is drawn one colour; clear parts stay clear. */
    public static function inked(\GdImage $picture, Colour $ink): void
    {
        // To black, then up by the ink: filters leave the alpha as it is.
        imagefilter($picture, IMG_FILTER_BRIGHTNESS, -255);
        imagefilter($picture, IMG_FILTER_COLORIZE, $ink->red, $ink->green, $ink->blue, 0);
    }

    /** Whether any pixel on a coarse grid lets the background through. */
    public static function isClear(\GdImage $image): bool
    {
        [$right, $bottom] = [imagesx($image) - 1, imagesy($image) - 1];
        for ($y = 0; $y <= self::GRID; $y++) {
            for ($x = 0; $x <= self::GRID; $x++) {
                $pixel = imagecolorat($image, intdiv($right * $x, self::GRID), intdiv($bottom * $y, self::GRID));
                if ((($pixel >> 24) & 0x7F) > 0) {
                    return true;
                }
            }
        }

        return false;
    }
}
