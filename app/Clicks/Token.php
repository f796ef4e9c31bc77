<?php

namespace App\Clicks;

/** The short name a counted link goes by: its number, signed, so that numbers cannot be tried out. */
final class Token
{
    /** 60 bits, in base64url. */
    private const SIGNATURE = 10;

    public static function of(int $link): string
    {
        return self::signature("go.$link").base_convert((string) $link, 10, 36);
    }

    /** Number of the link; null for a token never given out. */
    public static function link(string $token): ?int
    {
        $number = substr($token, self::SIGNATURE);
        if (preg_match('/^[0-9a-z]{1,11}$/D', $number) !== 1) {
            return null;
        }
        $link = (int) base_convert($number, 36, 10);

        return self::holds(substr($token, 0, self::SIGNATURE), "go.$link") ? $link : null;
    }

    /** What a hosted place goes by. @param  string  $place  see PlacePicture */
    public static function ofPlace(string $place): string
    {
        return self::signature("place.$place")."/$place";
    }

    public static function isPlace(string $signature, string $place): bool
    {
        return self::holds($signature, "place.$place");
    }

    /** What goes before any name we give out, so that names cannot be tried out. */
    public static function signature(string $name): string
    {
        return self::sign($name, (string) config('app.key'));
    }

    /** Whether we gave a name out. Signatures handed over live for years: one of an earlier key still holds. */
    public static function holds(string $signature, string $name): bool
    {
        foreach ([config('app.key'), ...config('app.previous_keys', [])] as $key) {
            if (hash_equals(self::sign($name, (string) $key), $signature)) {
                return true;
            }
        }

        return false;
    }

    private static function sign(string $name, string $key): string
    {
        return substr(
            strtr(base64_encode(hash_hmac('sha256', $name, $key, true)), '+/', '-_'),
            0,
            self::SIGNATURE,
        );
    }
}
