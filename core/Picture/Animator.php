<?php

namespace InkyCard\Picture;

use Intervention\Gif\Blocks\GraphicControlExtension;
use Intervention\Gif\Builder;
use Intervention\Gif\DisposalMethod;

/** Handwriting that writes itself once and stays. */
final class Animator
{
    private const FRAMES = 16;

    /** Seconds: the whole name first, for clients that show one frame alone; then each step of writing. */
    private const FIRST = 0.9;

    private const STEP = 0.08;

    /** A GIF has no half-clear pixels: those covered less than this are clear, of 127. */
    private const CLEAR = 86;

    /**
     * A GIF89a that plays once and ends on the full name.
     *
     * @param  \GdImage  $name  the finished name in its ink
     */
    public static function written(\GdImage $name, Recipe $recipe, ?Strokes $strokes): Baked
    {
        [$width, $height] = [imagesx($name), imagesy($name)];
        $frames = [[$name, self::FIRST]];
        for ($n = 1; $n <= self::FRAMES; $n++) {
            $frames[] = [
                $n === self::FRAMES ? $name : self::begun($name, $recipe, $strokes, $n / self::FRAMES),
                self::STEP,
            ];
        }
        $builder = Builder::canvas($width, $height);
        foreach ($frames as [$frame, $seconds]) {
            $builder->addFrame(self::flat($frame), $seconds);
        }
        $all = $builder->getGifDataStream()->getFrames();
        foreach ($all as $index => $frame) {
            $control = $frame->getGraphicControlExtension();
            if ($control instanceof GraphicControlExtension) {
                $control->setDisposalMethod(
                    $index === count($all) - 1 ? DisposalMethod::NONE : DisposalMethod::BACKGROUND,
                );
            }
        }
        $builder->setLoops(1);

        return new Baked($builder->encode(), 'gif', $width, $height, 'GIF, as it moves');
    }

    /** The name partly written: by its strokes where they are known, else uncovered in the direction of writing. */
    private static function begun(\GdImage $name, Recipe $recipe, ?Strokes $strokes, float $share): \GdImage
    {
        [$width, $height] = [imagesx($name), imagesy($name)];
        if ($strokes !== null && $recipe->ink !== null) {
            $drawn = $strokes->drawn($width, $height, $share);
            Canvas::inked($drawn, $recipe->ink);

            return $drawn;
        }
        $canvas = Canvas::clear($width, $height);
        imagecopy($canvas, $name, 0, 0, 0, 0, max(1, (int) round($width * $share)), $height);

        return $canvas;
    }

    /** One frame as a GIF of its own: soft edges are mixed with paper white, clear pixels are the clear colour. */
    private static function flat(\GdImage $frame): string
    {
        [$width, $height] = [imagesx($frame), imagesy($frame)];
        $flat = imagecreatetruecolor($width, $height);
        assert($flat !== false);
        imagefill($flat, 0, 0, 0xFFFFFF);
        imagecopy($flat, $frame, 0, 0, 0, 0, $width, $height);
        imagetruecolortopalette($flat, false, 31);
        $clear = (int) imagecolorallocate($flat, 254, 0, 254);
        imagecolortransparent($flat, $clear);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                if (((imagecolorat($frame, $x, $y) >> 24) & 0x7F) > self::CLEAR) {
                    imagesetpixel($flat, $x, $y, $clear);
                }
            }
        }

        return Canvas::file(fn () => imagegif($flat));
    }
}
