<?php

namespace InkyCard\Picture;

use InkyCard\Refusal;

/** A written name as black on a transparent background, whatever it was written on. */
final class Handwriting
{
    /** Widest kept, px: twice the widest a closing can show. */
    private const WIDTH = 640;

    /** Cells the paper's brightness is looked for in, across. */
    private const CELLS = 16;

    /** Of a cell's pixels sorted by brightness, the one taken for paper. */
    private const PAPER = 0.8;

    /** Darker than its paper by so much (of 255) is where ink begins, and where it covers fully. */
    private const FAINT = 22;

    private const FULL = 90;

    /** Around the name, px. */
    private const MARGIN = 4;

    /**
     * Takes the paper away: ink is what is darker than the paper around it, however the light falls.
     * A picture that has clear parts already keeps them.
     *
     * @throws Refusal when it is no picture, or nothing is written on it
     */
    public static function of(string $bytes): Baked
    {
        $picture = Intake::decode($bytes);
        $scale = min(1, 2 * self::WIDTH / imagesx($picture));
        $small = Canvas::clear((int) round(imagesx($picture) * $scale), (int) round(imagesy($picture) * $scale));
        imagecopyresampled(
            $small, $picture, 0, 0, 0, 0, imagesx($small), imagesy($small), imagesx($picture), imagesy($picture),
        );
        $mask = self::covered($small, Canvas::isClear($small));

        return self::trimmed($mask);
    }

    /**
     * The name alone, its empty margins cut off.
     *
     * @throws Refusal when nothing is written
     */
    public static function trimmed(\GdImage $mask): Baked
    {
        [$width, $height] = [imagesx($mask), imagesy($mask)];
        [$left, $top, $right, $bottom] = [$width, $height, -1, -1];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                if (((imagecolorat($mask, $x, $y) >> 24) & 0x7F) < 64) {
                    $left = min($left, $x);
                    $right = max($right, $x);
                    $top = min($top, $y);
                    $bottom = $y;
                }
            }
        }
        if ($right - $left < 8 || $bottom - $top < 4) {
            throw Refusal::because('No writing was found on it: write with a dark pen on plain paper.');
        }
        $left = max(0, $left - self::MARGIN);
        $top = max(0, $top - self::MARGIN);
        $wide = min($width - $left, $right - $left + 1 + self::MARGIN);
        $high = min($height - $top, $bottom - $top + 1 + self::MARGIN);
        $scale = min(1, self::WIDTH / $wide);
        $name = Canvas::clear((int) round($wide * $scale), (int) round($high * $scale));
        imagecopyresampled($name, $mask, 0, 0, $left, $top, imagesx($name), imagesy($name), $wide, $high);

        return new Baked(Canvas::file(fn () => imagepng($name, null, 9)), 'png', imagesx($name), imagesy($name));
    }

    private static function covered(\GdImage $picture, bool $clear): \GdImage
    {
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $paper = $clear ? null : self::paper($picture);
        $mask = Canvas::clear($width, $height);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $pixel = (int) imagecolorat($picture, $x, $y);
                if ($paper === null) {
                    $alpha = ($pixel >> 24) & 0x7F;
                } else {
                    $darker = (imagecolorat($paper, $x, $y) & 0xFF) - self::luma($pixel);
                    $alpha
                        = 127 - (int) round(127 * max(0, min(1, ($darker - self::FAINT) / (self::FULL - self::FAINT))));
                }
                if ($alpha < 127) {
                    imagesetpixel($mask, $x, $y, $alpha << 24);
                }
            }
        }

        return $mask;
    }

    /** How bright the paper is at every pixel: looked for in a coarse grid, smooth in between. */
    private static function paper(\GdImage $picture): \GdImage
    {
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $down = max(2, (int) round(self::CELLS * $height / $width));
        $grid = imagecreatetruecolor(self::CELLS, $down);
        assert($grid !== false);
        for ($row = 0; $row < $down; $row++) {
            for ($column = 0; $column < self::CELLS; $column++) {
                $values = [];
                for ($n = 0; $n < 225; $n++) {
                    $x = (int) (($column + ($n % 15 + 0.5) / 15) * $width / self::CELLS);
                    $y = (int) (($row + (intdiv($n, 15) + 0.5) / 15) * $height / $down);
                    $values[] = self::luma((int) imagecolorat($picture, min($x, $width - 1), min($y, $height - 1)));
                }
                sort($values);
                $value = $values[(int) (self::PAPER * 224)];
                imagesetpixel($grid, $column, $row, $value << 16 | $value << 8 | $value);
            }
        }

        return imagescale($grid, $width, $height, IMG_BILINEAR_FIXED) ?: $grid;
    }

    /** Rec. 601 luma, 0 to 255. */
    private static function luma(int $pixel): int
    {
        return (int) (0.299 * (($pixel >> 16) & 0xFF) + 0.587 * (($pixel >> 8) & 0xFF) + 0.114 * ($pixel & 0xFF));
    }
}
