<?php

namespace App\Clicks;

/** The short name a counted link goes by: its number, signed, so that numbers cannot be tried out. */
final class Token
{
    /** 60 bits, in base64url. */
    private const SIGNATURE = 10;

    public static function of(int $link): string
    {
        return self::sign($link, (string) config('app.key')).base_convert((string) $link, 10, 36);
    }

    /** Number of the link; null for a token never given out. */
    public static function link(string $token): ?int
    {
        $number = substr($token, self::SIGNATURE);
        if (preg_match('/^[0-9a-z]{1,11}$/D', $number) !== 1) {
            return null;
        }
        $link = (int) base_convert($number, 36, 10);
        // Signatures handed over live for years: one of an earlier key still holds.
        foreach ([config('app.key'), ...config('app.previous_keys', [])] as $key) {
            if (hash_equals(self::sign($link, (string) $key), substr($token, 0, self::SIGNATURE))) {
                return $link;
            }
        }

        return null;
    }

    private static function sign(int $link, string $key): string
    {
        return substr(
            strtr(base64_encode(hash_hmac('sha256', "go.$link", $key, true)), '+/', '-_'),
            0,
            self::SIGNATURE,
        );
    }
}
