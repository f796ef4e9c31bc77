<?php

namespace InkyCard\Picture;

use InkyCard\Refusal;

/** How long a film is, as its still says: minutes and seconds, hours before them where it has any. */
final class FilmLength
{
    private const LONGEST = 36_000;

    /** By the pixels of a still's shorter side: size of its figures, px, at least and at most. */
    private const SIZE = [0.11, 20, 34];

    /**
     * @param  mixed  $raw  M:SS or H:MM:SS
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw): string
    {
        $read = is_string($raw) && preg_match('/^\s*(?:(\d):)?(\d{1,3}):([0-5]\d)\s*$/D', $raw, $part) === 1
            ? self::of(3600 * (int) $part[1] + 60 * (int) $part[2] + (int) $part[3]) : '';

        return $read !== '' ? $read : throw Refusal::because('The length is minutes and seconds, such as 2:14.');
    }

    /**
     * As pages state it.
     *
     * @param  string  $said  a duration of ISO 8601 (PT2M14S), or seconds
     * @return string M:SS or H:MM:SS; empty for what is none
     */
    public static function read(string $said): string
    {
        if (preg_match('/^\d{1,6}(\.\d+)?$/D', $said) === 1) {
            return self::of((int) round((float) $said));
        }
        $found = preg_match(
            '/^P(?:0+D)?T(?:(\d{1,3})H)?(?:(\d{1,4})M)?(?:(\d{1,6})(?:\.\d+)?S)?$/Di', $said, $part,
            PREG_UNMATCHED_AS_NULL,
        );

        return $found !== 1 ? ''
            : self::of(3600 * (int) $part[1] + 60 * (int) ($part[2] ?? 0) + (int) ($part[3] ?? 0));
    }

    private static function of(int $seconds): string
    {
        if ($seconds <= 0 || $seconds > self::LONGEST) {
            return '';
        }
        [$hours, $minutes] = [intdiv($seconds, 3600), intdiv($seconds % 3600, 60)];

        return $hours > 0 ? sprintf('%d:%02d:%02d', $hours, $minutes, $seconds % 60)
            : sprintf('%d:%02d', $minutes, $seconds % 60);
    }

    /**
     * The plate it stands on in a corner of the still: SVG, in pixels of the still.
     *
     * @param  int  $side  the still's shorter one, px
     */
    public static function plate(string $length, int $side): string
    {
        [$share, $least, $most] = self::SIZE;
        $size = (int) max($least, min($most, round($side * $share)));
        // Figures of all faces here are about this wide.
        $colons = substr_count($length, ':');
        $wide = (int) ceil($size * (0.56 * (strlen($length) - $colons) + 0.28 * $colons + 0.7));
        $high = (int) ceil($size * 1.4);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"$wide\" height=\"$high\"><rect width=\"$wide\" "
            ."height=\"$high\" rx=\"".round($size / 5).'" fill="#141828" fill-opacity="0.82"/><text x="'
            .($wide / 2).'" y="'.round($size * 1.05).'" font-family="Liberation Sans" font-weight="bold" '
            ."font-size=\"$size\" text-anchor=\"middle\" fill=\"#ffffff\">$length</text></svg>";
    }
}
