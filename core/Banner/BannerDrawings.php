<?php

namespace InkyCard\Banner;

/** Small drawings for banners, of our own, for occasions and for any day (banner-drawings.php). */
final class BannerDrawings
{
    /** Side of the square they are drawn in. */
    public const SIDE = 64;

    /** What stands where an occasion has none. */
    public const PLAIN = 'sprig';

    /** @return array<string, array{string, list<string>, string}> key => label, keys of occasions, SVG */
    public static function all(): array
    {
        /** @var array<string, array{string, list<string>, string}>|null $all */
        static $all = null;

        return $all ??= require __DIR__.'/banner-drawings.php';
    }

    /** The one that goes with an occasion. */
    public static function of(string $occasion): string
    {
        foreach (self::all() as $key => [, $occasions]) {
            if (in_array($occasion, $occasions, true)) {
                return $key;
            }
        }

        return self::PLAIN;
    }

    /**
     * SVG elements for a square of SIDE.
     *
     * @param  string  $main  its ink, #rrggbb
     * @param  string  $other  what stands out from it, or is cut out of it
     */
    public static function svg(string $key, string $main, string $other): string
    {
        return strtr(self::all()[$key][2], ['{a}' => $main, '{b}' => $other]);
    }
}
