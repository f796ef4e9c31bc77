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

    /** A file smaller than this, bytes, holds no more than a phone's photo at its lowest quality: 80 MB as read. */
    private const SMALL = 2_000_000;

    private const MAX_PIXELS_OF_SMALL = 16_000_000;

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
        $picture = self::decode($bytes);
        imagesavealpha($picture, true);
        // A photograph has no clear pixel; PNG and GIF are drawn things and stay lossless.
        $photo = in_array(self::type($bytes), [IMAGETYPE_JPEG, IMAGETYPE_WEBP], true) && ! Canvas::isClear($picture);

        return new Baked(
            Canvas::file(fn () => $photo ? imagejpeg($picture, null, 90) : imagepng($picture, null, 9)),
            $photo ? 'jpg' : 'png', imagesx($picture), imagesy($picture),
        );
    }

    /**
     * The picture's pixels, upright, its longest side no longer than what is kept.
     *
     * @throws Refusal
     */
    public static function decode(string $bytes): \GdImage
    {
        self::inspect($bytes);
        // GD fills what is missing with grey and says nothing; half a photograph is not what somebody chose.
        if (! self::isWhole($bytes)) {
            throw Refusal::because('This picture did not arrive whole, its end is missing: save or send it again.');
        }
        try {
            $image = (new ImageManager(Driver::class, autoOrientation: false, decodeAnimation: false))->read($bytes);
            // Scaled first: turning takes a second copy of all pixels.
            $image->core()->setNative(self::scaled($image->core()->native()));

            return $image->orient()->core()->native();
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
                    throw Refusal::because(
                        'This file is :what, whatever its name says: choose a JPEG, PNG, GIF or WebP '.'picture.',
                        values: ['what' => $what],
                    );
                }
            }
            throw Refusal::because('This file is not a picture: choose a JPEG, PNG, GIF or WebP.');
        }
        $frames = self::frames($bytes);
        if ($frames > 1) {
            throw Refusal::because(
                'This picture moves (:frames frames): a card holds still ones, so choose a single '.'picture of it.',
                values: ['frames' => $frames],
            );
        }
        self::mustFit($size[0], $size[1], strlen($bytes));
    }

    /** @throws Refusal */
    private static function mustFit(int $width, int $height, int $bytes): void
    {
        if ($width < 1 || $height < 1) {
            throw Refusal::because('This picture has no pixels: choose another one.');
        }
        $most = $bytes < self::SMALL ? self::MAX_PIXELS_OF_SMALL : self::MAX_PIXELS;
        if ($width * $height > $most) {
            throw Refusal::because(
                'This picture is :width × :height px, more than :most million in all: scale it down first.',
                values: [
                    'width' => number_format($width), 'height' => number_format($height), 'most' => $most / 1_000_000,
                ],
            );
        }
    }

    private static function scaled(\GdImage $picture): \GdImage
    {
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $scale = min(1, self::KEEP / max($width, $height));
        if ($scale === 1) {
            return $picture;
        }
        [$across, $down] = [max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale))];
        $small = Canvas::clear($across, $down);
        imagecopyresampled($small, $picture, 0, 0, 0, 0, $across, $down, $width, $height);

        return $small;
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

    /** How many pictures an animated GIF, PNG or WebP holds, read from its blocks alone. */
    private static function frames(string $bytes): int
    {
        return match (self::type($bytes)) {
            IMAGETYPE_GIF => self::gifBlocks($bytes)[0],
            IMAGETYPE_PNG => ($at = strpos($bytes, 'acTL')) !== false && $at < (strpos($bytes, 'IDAT') ?: PHP_INT_MAX)
                ? self::number('N', $bytes, $at + 4)
                : 1,
            IMAGETYPE_WEBP => substr($bytes, 12, 4) === 'VP8X' && ord($bytes[20] ?? "\0") & 2
                ? max(2, substr_count($bytes, 'ANMF'))
                : 1,
            default => 1,
        };
    }

    /** Whether a JPEG or GIF goes on to its end mark; the other decoders find that out themselves. */
    private static function isWhole(string $bytes): bool
    {
        return match (self::type($bytes)) {
            IMAGETYPE_JPEG => self::hasJpegEnd($bytes),
            IMAGETYPE_GIF => self::gifBlocks($bytes)[1],
            default => true,
        };
    }

    /**
     * Walks the segments of a JPEG (ITU-T T.81, annex B), so that the end mark of a thumbnail within is not taken for
     * its own.
     */
    private static function hasJpegEnd(string $bytes): bool
    {
        $length = strlen($bytes);
        $at = 2;
        while ($at + 3 < $length + 2 && $at < $length) {
            $mark = ord($bytes[$at + 1] ?? "\0");
            if (ord($bytes[$at]) !== 0xFF || $mark === 0xFF) {
                $at++;

                continue;
            }
            if ($mark === 0xD9) {
                return true;
            }
            $at += 2;
            if ($mark === 0x01 || ($mark >= 0xD0 && $mark <= 0xD7)) {
                continue;
            }
            $at += (ord($bytes[$at] ?? "\0") << 8) + ord($bytes[$at + 1] ?? "\0");
            if ($mark === 0xDA) {
                // Coded data, up to a mark that is neither stuffing nor a restart.
                $at
                    = preg_match('/\xFF[^\x00\xD0-\xD7]/', $bytes, $found, PREG_OFFSET_CAPTURE, min($at, $length)) === 1
                        ? $found[0][1]
                        : $length;
            }
        }

        return false;
    }

    /**
     * Walks the blocks of a GIF89a: each image descriptor is a frame.
     *
     * @return array{int, bool} frames, and whether its trailer was reached
     */
    private static function gifBlocks(string $bytes): array
    {
        $length = strlen($bytes);
        $table = fn (int $flags): int => $flags & 0x80 ? 3 * (2 << ($flags & 7)) : 0;
        $at = 13 + $table(ord($bytes[10] ?? "\0"));
        $frames = 0;
        while ($at < $length) {
            $block = ord($bytes[$at]);
            if ($block === 0x2C) {
                $frames++;
                $at += 11 + $table(ord($bytes[$at + 9] ?? "\0"));
            } elseif ($block === 0x21) {
                $at += 2;
            } else {
                break;
            }
            // Sub-blocks, up to one of no length.
            while ($at < $length && ($size = ord($bytes[$at])) > 0) {
                $at += $size + 1;
            }
            $at++;
        }

        return [$frames, $at < $length && $bytes[$at] === ';'];
    }

    private static function number(string $format, string $bytes, int $at): int
    {
        $read = strlen($bytes) >= $at + 4 ? unpack($format, $bytes, $at) : false;

        return is_array($read) && is_int($read[1]) ? $read[1] : 1;
    }
}
