<?php

namespace InkyCard\Picture;

use InkyCard\Refusal;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;

/** Bakes what mail clients cannot draw themselves: crops and outlines, two pixels to one. */
final class Baker
{
    /** Part of every key: a change in how pictures come out gives them new addresses. */
    public const EDITION = 1;

    /** Shapes are cut this many times larger and scaled back, which smooths their edge. */
    private const SMOOTH = 4;

    /**
     * Fills the recipe's frame with the middle of the picture and cuts the shape.
     *
     * @throws Refusal
     */
    public static function photo(string $bytes, Recipe $recipe): Baked
    {
        Intake::inspect($bytes);
        $width = $recipe->width * Recipe::DENSITY;
        $height = $recipe->height * Recipe::DENSITY;
        try {
            $image = (new ImageManager(Driver::class, autoOrientation: true, decodeAnimation: false))->read($bytes)->cover($width, $height);
            $gd = $image->core()->native();
        } catch (\Throwable) {
            throw Refusal::because('This picture is damaged and cannot be opened: save it again and choose the new file.');
        }
        if ($recipe->playMark) {
            self::playMark($gd);
        }
        if ($recipe->shape === Shape::Square) {
            return self::smaller($gd, (string) $image->toPng(), (string) $image->toJpeg(85));
        }
        self::cut($gd, $recipe->shape === Shape::Round ? null : (int) round(min($width, $height) * 0.12));

        return new Baked((string) $image->toPng(), 'png', $width, $height);
    }

    /** A dark disc with a light triangle, in the middle: readable on any still. */
    private static function playMark(\GdImage $gd): void
    {
        [$x, $y] = [intdiv(imagesx($gd), 2), intdiv(imagesy($gd), 2)];
        $radius = (int) round(min(imagesx($gd), imagesy($gd)) * 0.18);
        imagealphablending($gd, true);
        imagefilledellipse($gd, $x, $y, 2 * $radius, 2 * $radius, (int) imagecolorallocatealpha($gd, 20, 24, 40, 40));
        $side = $radius * 0.55;
        imagefilledpolygon($gd, array_map('intval', [$x - $side * 0.7, $y - $side, $x - $side * 0.7, $y + $side, $x + $side, $y]), 0xFFFFFF);
    }

    /** The lighter file, as measured; a picture with clear pixels can only be a PNG. */
    private static function smaller(\GdImage $gd, string $png, string $jpeg): Baked
    {
        return strlen($jpeg) < strlen($png) && ! Intake::isClear($gd)
            ? new Baked($jpeg, 'jpg', imagesx($gd), imagesy($gd))
            : new Baked($png, 'png', imagesx($gd), imagesy($gd));
    }

    /**
     * Clears every pixel outside an ellipse or a rounded rectangle.
     *
     * @param  ?int  $radius  corner radius in px; null for the ellipse
     */
    private static function cut(\GdImage $gd, ?int $radius): void
    {
        [$width, $height, $n] = [imagesx($gd), imagesy($gd), self::SMOOTH];
        $large = imagecreatetruecolor($width * $n, $height * $n);
        $mask = imagecreatetruecolor($width, $height);
        if ($large === false || $mask === false) {
            throw Refusal::because('There is not enough memory to cut this picture.');
        }
        $white = 0xFFFFFF;
        if ($radius === null) {
            imagefilledellipse($large, intdiv($width * $n, 2), intdiv($height * $n, 2), $width * $n - 1, $height * $n - 1, $white);
        } else {
            [$r, $right, $bottom] = [$radius * $n, $width * $n - 1, $height * $n - 1];
            imagefilledrectangle($large, $r, 0, $right - $r, $bottom, $white);
            imagefilledrectangle($large, 0, $r, $right, $bottom - $r, $white);
            foreach ([[$r, $r], [$right - $r, $r], [$r, $bottom - $r], [$right - $r, $bottom - $r]] as [$x, $y]) {
                imagefilledellipse($large, $x, $y, 2 * $r, 2 * $r, $white);
            }
        }
        imagecopyresampled($mask, $large, 0, 0, 0, 0, $width, $height, $width * $n, $height * $n);
        imagealphablending($gd, false);
        imagesavealpha($gd, true);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $cover = imagecolorat($mask, $x, $y) & 0xFF;
                if ($cover === 255) {
                    continue;
                }
                $pixel = imagecolorat($gd, $x, $y);
                $opaque = 127 - (($pixel >> 24) & 0x7F);
                $alpha = 127 - intdiv($opaque * $cover + 127, 255);
                imagesetpixel($gd, $x, $y, ($alpha << 24) | ($pixel & 0xFFFFFF));
            }
        }
    }
}
