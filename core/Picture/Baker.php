<?php

namespace InkyCard\Picture;

use InkyCard\Colour\Colour;
use InkyCard\Refusal;

/** Bakes what mail clients cannot draw themselves: crops, shapes, tones and outlines, two pixels to one. */
final class Baker
{
    /** Shapes are cut this many times larger and scaled back, which smooths their edge. */
    private const SMOOTH = 4;

    /** Width of the light edge, CSS px. */
    private const OUTLINE = 2;

    /** What is left of the brightness of a darker twin. */
    private const DIM = 0.72;

    /**
     * Fills the recipe's frame with the part of the picture it means.
     *
     * @param  ?Strokes  $strokes  how the handwriting was drawn, if it moves and that is known
     * @param  (\Closure(string): string)|null  $draw  SVG to PNG, for the length of a film
     *
     * @throws Refusal
     */
    public static function photo(
        string $bytes, Recipe $recipe, ?Strokes $strokes = null, ?\Closure $draw = null,
    ): Baked {
        // Room for the edge is taken from the picture, so that what is shown keeps its size.
        $edge = $recipe->outline && ! $recipe->moving ? self::OUTLINE * $recipe->density : 0;
        $picture = self::toned(self::framed(Intake::decode($bytes), $recipe, $edge), $recipe);
        if ($recipe->moving && $recipe->tone === Tone::Ink && $recipe->ink !== null) {
            return Animator::written($picture, $recipe, $strokes);
        }
        if ($recipe->playMark) {
            self::playMark($picture);
        }
        if ($recipe->length !== '' && $draw !== null) {
            self::plate($picture, $recipe->length, $draw);
        }
        if ($recipe->shape !== Shape::Square) {
            self::cut($picture, $recipe->shape);
        }
        if ($edge > 0) {
            $picture = self::outlined($picture, $edge);
        }

        return self::encoded($picture);
    }

    /** The lighter file, as measured; a picture with clear pixels can only be a PNG. */
    public static function encoded(\GdImage $picture): Baked
    {
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $png = Canvas::file(fn () => imagepng($picture, null, 9));
        if (Canvas::isClear($picture)) {
            return new Baked($png, 'png', $width, $height, 'PNG, as parts of it are clear');
        }
        $jpeg = Canvas::file(fn () => imagejpeg($picture, null, 85));
        $weights = sprintf(
            '%s KB against %s KB',
            self::kilobytes(min(strlen($png), strlen($jpeg))),
            self::kilobytes(max(strlen($png), strlen($jpeg))),
        );

        return strlen($jpeg) < strlen($png)
            ? new Baked($jpeg, 'jpg', $width, $height, "JPEG, $weights as PNG")
            : new Baked($png, 'png', $width, $height, "PNG, $weights as JPEG");
    }

    private static function kilobytes(int $bytes): string
    {
        return rtrim(rtrim(number_format($bytes / 1000, 1), '0'), '.');
    }

    /** @param  int  $edge  px left out on every side */
    private static function framed(\GdImage $source, Recipe $recipe, int $edge): \GdImage
    {
        $framing = PictureRef::framing($recipe->ref);
        [$width, $height] = [
            max(1, $recipe->width * $recipe->density - 2 * $edge),
            max(1, $recipe->height * $recipe->density - 2 * $edge),
        ];
        [$left, $top, $wide, $high] = $framing->window(imagesx($source), imagesy($source), $height / $width);
        [$across, $down] = [$width, $height];
        if (PictureRef::isHand($recipe->ref)) {
            // A name is never cut: where its piece has another proportion, it stands whole in the middle of that.
            $ratio = $framing->ratio(imagesx($source), imagesy($source));
            [$left, $top, $wide, $high] = $framing->window(imagesx($source), imagesy($source), $ratio);
            $scale = min($width / $wide, $height / $high);
            [$across, $down] = [max(1, (int) round($wide * $scale)), max(1, (int) round($high * $scale))];
        }
        if ($framing->turn !== 0) {
            $source = imagerotate($source, 360 - $framing->turn, 127 << 24) ?: throw Intake::damaged();
        }
        $canvas = Canvas::clear($width, $height);
        imagecopyresampled(
            $canvas, $source, intdiv($width - $across, 2), intdiv($height - $down, 2), (int) round($left),
            (int) round($top), $across, $down, max(1, (int) round($wide)), max(1, (int) round($high)),
        );

        return $canvas;
    }

    private static function toned(\GdImage $picture, Recipe $recipe): \GdImage
    {
        if ($recipe->tone === Tone::Grey || $recipe->tone === Tone::Tint) {
            imagefilter($picture, IMG_FILTER_GRAYSCALE);
        }
        $ink = $recipe->ink;
        match (true) {
            $recipe->tone === Tone::Dim => self::mapped(
                $picture,
                fn (int $value) => array_fill(0, 3, (int) round($value * self::DIM)),
            ),
            $recipe->tone === Tone::Tint && $ink !== null => self::mapped(
                $picture,
                fn (int $value) => array_map(
                    fn (int $channel) => (int) round($channel + ((255 - $channel) * $value) / 255),
                    [$ink->red, $ink->green, $ink->blue],
                ),
            ),
            $recipe->tone === Tone::Veiled && $ink !== null => self::mapped(
                $picture,
                fn (int $value) => array_map(
                    fn (int $channel) => (int) round(
                        ($channel * $recipe->veil + $value * (100 - $recipe->veil)) / 100,
                    ),
                    [$ink->red, $ink->green, $ink->blue],
                ),
            ),
            $recipe->tone === Tone::Ink && $ink !== null => Canvas::inked($picture, $ink),
            default => null,
        };

        return $picture;
    }

    /** @param  \Closure(int): array<int>  $map  a channel's value => its red, green and blue in the result */
    private static function mapped(\GdImage $picture, \Closure $map): void
    {
        $tables = array_map($map, range(0, 255));
        [$red, $green, $blue] = [array_column($tables, 0), array_column($tables, 1), array_column($tables, 2)];
        for ($y = 0, $height = imagesy($picture); $y < $height; $y++) {
            for ($x = 0, $width = imagesx($picture); $x < $width; $x++) {
                $pixel = imagecolorat($picture, $x, $y);
                imagesetpixel(
                    $picture,
                    $x,
                    $y,
                    ($pixel & 0x7F000000)
                        | ($red[($pixel >> 16) & 0xFF] << 16)
                        | ($green[($pixel >> 8) & 0xFF] << 8)
                        | $blue[$pixel & 0xFF],
                );
            }
        }
    }

    /** What is drawn, in white, moved a little to all sides, under itself; larger by that on every side. */
    private static function outlined(\GdImage $picture, int $radius): \GdImage
    {
        [$width, $height] = [imagesx($picture) + 2 * $radius, imagesy($picture) + 2 * $radius];
        $white = Canvas::clear($width, $height);
        imagecopy($white, $picture, $radius, $radius, 0, 0, $width - 2 * $radius, $height - 2 * $radius);
        Canvas::inked($white, new Colour(255, 255, 255));
        $canvas = Canvas::clear($width, $height);
        imagealphablending($canvas, true);
        for ($step = 0; $step < 24; $step++) {
            $angle = (2 * M_PI * $step) / 24;
            [$x, $y] = [(int) round($radius * cos($angle)), (int) round($radius * sin($angle))];
            imagecopy($canvas, $white, $x, $y, 0, 0, $width, $height);
        }
        imagecopy($canvas, $picture, $radius, $radius, 0, 0, $width - 2 * $radius, $height - 2 * $radius);
        imagealphablending($canvas, false);

        return $canvas;
    }

    /** A dark disc with a light triangle, in the middle: readable on any still. */
    private static function playMark(\GdImage $gd): void
    {
        [$x, $y] = [intdiv(imagesx($gd), 2), intdiv(imagesy($gd), 2)];
        $radius = (int) round(min(imagesx($gd), imagesy($gd)) * 0.18);
        imagealphablending($gd, true);
        imagefilledellipse($gd, $x, $y, 2 * $radius, 2 * $radius, (int) imagecolorallocatealpha($gd, 20, 24, 40, 40));
        $side = $radius * 0.55;
        imagefilledpolygon(
            $gd,
            array_map('intval', [$x - $side * 0.7, $y - $side, $x - $side * 0.7, $y + $side, $x + $side, $y]),
            0xFFFFFF,
        );
        imagealphablending($gd, false);
    }

    /** In the corner at the bottom, where it fits. @param  \Closure(string): string  $draw */
    private static function plate(\GdImage $gd, string $length, \Closure $draw): void
    {
        $plate = imagecreatefromstring($draw(FilmLength::plate($length, min(imagesx($gd), imagesy($gd)))));
        if ($plate === false) {
            return;
        }
        $away = intdiv(imagesy($plate), 4);
        $x = imagesx($gd) - imagesx($plate) - $away;
        if ($x > $away) {
            imagealphablending($gd, true);
            imagecopy(
                $gd, $plate, $x, imagesy($gd) - imagesy($plate) - $away, 0, 0, imagesx($plate), imagesy($plate),
            );
            imagealphablending($gd, false);
        }
    }

    /** Clears every pixel outside the shape. */
    private static function cut(\GdImage $gd, Shape $shape): void
    {
        [$width, $height, $n] = [imagesx($gd), imagesy($gd), self::SMOOTH];
        $large = imagecreatetruecolor($width * $n, $height * $n);
        $mask = imagecreatetruecolor($width, $height);
        if ($large === false || $mask === false) {
            throw Refusal::because('There is not enough memory to cut this picture.');
        }
        $white = 0xFFFFFF;
        [$right, $bottom] = [$width * $n - 1, $height * $n - 1];
        if ($shape === Shape::Round) {
            imagefilledellipse($large, intdiv($width * $n, 2), intdiv($height * $n, 2), $right, $bottom, $white);
        } elseif ($shape === Shape::Arch) {
            $rise = min($width * $n / 2, $height * $n);
            imagefilledellipse($large, intdiv($width * $n, 2), (int) $rise, $right, (int) (2 * $rise) - 1, $white);
            imagefilledrectangle($large, 0, (int) $rise, $right, $bottom, $white);
        } else {
            $r = (int) round(min($width, $height) * 0.12) * $n;
            imagefilledrectangle($large, $r, 0, $right - $r, $bottom, $white);
            imagefilledrectangle($large, 0, $r, $right, $bottom - $r, $white);
            foreach ([[$r, $r], [$right - $r, $r], [$r, $bottom - $r], [$right - $r, $bottom - $r]] as [$x, $y]) {
                imagefilledellipse($large, $x, $y, 2 * $r, 2 * $r, $white);
            }
        }
        imagecopyresampled($mask, $large, 0, 0, 0, 0, $width, $height, $width * $n, $height * $n);
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
