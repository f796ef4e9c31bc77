<?php

namespace InkyCard\Picture;

use InkyCard\Refusal;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;

/** Takes a picture somebody brings: judged by its bytes, never by its name, and always written anew. */
final class Intake
{
    public const MAX_BYTES = 10_000_000;

    /** Decoding costs about five bytes a pixel in GD; 40 million stay near 200 MB. */
    public const MAX_PIXELS = 40_000_000;

    /** Longest side kept: a picture on a card is at most 640 px wide, baked at two pixels to one. */
    private const KEEP = 1600;

    private const SVG = '/^(?:\xEF\xBB\xBF)?\s*(<\?xml[^>]*>\s*)?(<!--.*?-->\s*)*(<!DOCTYPE svg[^>]*>\s*)?<svg[\s>]/is';

    /** First bytes of what people often take for a picture => what the sentence calls it. */
    private const OTHERS = [
        self::SVG => 'an SVG drawing',
        '/^\s*<(!doctype html|html|head|body|script)/i' => 'a web page',
        '/^%PDF/' => 'a PDF',
        '/^....ftyp(heic|heix|mif1|avif)/s' => 'a HEIC or AVIF photo',
        '/^PK\x03\x04/' => 'a ZIP archive',
    ];

    /**
     * Decodes, turns upright by EXIF, drops all metadata, scales down to 1600 px
     * and encodes again: PNG where there is transparency or few colours, else JPEG.
     *
     * @throws Refusal
     */
    public static function take(string $bytes): Baked
    {
        self::inspect($bytes);
        try {
            $image = (new ImageManager(Driver::class, autoOrientation: true, decodeAnimation: false))->read($bytes);
            $image->scaleDown(self::KEEP, self::KEEP);
            // A photograph has no clear pixel; PNG and GIF are drawn things and stay lossless.
            $photo = in_array(self::type($bytes), [IMAGETYPE_JPEG, IMAGETYPE_WEBP], true) && ! self::isClear($image->core()->native());
            $encoded = $photo ? $image->toJpeg(90) : $image->toPng();
        } catch (\Throwable) {
            throw self::damaged();
        }

        return new Baked((string) $encoded, $photo ? 'jpg' : 'png', $image->width(), $image->height());
    }

    /**
     * The picture's pixels, upright.
     *
     * @throws Refusal
     */
    public static function decode(string $bytes): \GdImage
    {
        self::inspect($bytes);
        try {
            return (new ImageManager(Driver::class, autoOrientation: true, decodeAnimation: false))->read($bytes)->core()->native();
        } catch (\Throwable) {
            throw self::damaged();
        }
    }

    /**
     * Refuses by header alone, before a single pixel is decoded.
     *
     * @throws Refusal
     */
    public static function inspect(string $bytes): void
    {
        if ($bytes === '') {
            throw Refusal::because('This file is empty: choose another one.');
        }
        if (strlen($bytes) > self::MAX_BYTES) {
            throw self::tooHeavy();
        }
        $size = self::type($bytes) === null ? false : @getimagesizefromstring($bytes);
        if ($size === false) {
            foreach (self::OTHERS as $pattern => $what) {
                if (preg_match($pattern, substr($bytes, 0, 2000))) {
                    throw Refusal::because("This file is $what, whatever its name says: choose a JPEG, PNG, GIF or WebP picture.");
                }
            }
            throw Refusal::because('This file is not a picture: choose a JPEG, PNG, GIF or WebP.');
        }
        [$width, $height] = $size;
        if ($width < 1 || $height < 1) {
            throw Refusal::because('This picture has no pixels: choose another one.');
        }
        if ($width * $height > self::MAX_PIXELS) {
            throw Refusal::because(sprintf('This picture is %s × %s px, more than 40 million in all: scale it down first.', number_format($width), number_format($height)));
        }
    }

    /** An SVG document, by its beginning. */
    public static function isDrawing(string $bytes): bool
    {
        return preg_match(self::SVG, substr($bytes, 0, 4000)) === 1;
    }

    public static function tooHeavy(): Refusal
    {
        return Refusal::because('This file is over 10 MB: scale the picture down and choose it again.');
    }

    public static function damaged(): Refusal
    {
        return Refusal::because('This picture is damaged and cannot be opened: save it again and choose the new file.');
    }

    private static function type(string $bytes): ?int
    {
        return match (true) {
            str_starts_with($bytes, "\xff\xd8\xff") => IMAGETYPE_JPEG,
            str_starts_with($bytes, "\x89PNG\r\n\x1a\n") => IMAGETYPE_PNG,
            str_starts_with($bytes, 'GIF87a'), str_starts_with($bytes, 'GIF89a') => IMAGETYPE_GIF,
            str_starts_with($bytes, 'RIFF') && substr($bytes, 8, 4) === 'WEBP' => IMAGETYPE_WEBP,
            default => null,
        };
    }

    /** Whether any pixel on a coarse grid lets the ground through. */
    public static function isClear(\GdImage $image): bool
    {
        $steps = 24;
        for ($y = 0; $y <= $steps; $y++) {
            for ($x = 0; $x <= $steps; $x++) {
                $pixel = imagecolorat($image, intdiv((imagesx($image) - 1) * $x, $steps), intdiv((imagesy($image) - 1) * $y, $steps));
                if ((($pixel >> 24) & 0x7F) > 0) {
                    return true;
                }
            }
        }

        return false;
    }
}
