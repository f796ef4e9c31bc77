<?php

namespace App\Auth;

/** One-time passwords by time (RFC 6238, SHA-1, six digits, steps of thirty seconds; base32 by RFC 4648). */
final class Totp
{
    public const STEP = 30;

    /** Steps before and after now that count, for clocks that differ (RFC 6238, 5.2). */
    private const DRIFT = 1;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @return string a new key, 160 bits in base32 */
    public static function key(): string
    {
        $key = '';
        for ($letter = 0; $letter < 32; $letter++) {
            $key .= self::ALPHABET[random_int(0, 31)];
        }

        return $key;
    }

    /**
     * @param  string  $secret  bytes
     * @param  int  $step  number of it since 1970
     */
    public static function code(string $secret, int $step, int $digits = 6): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $secret, true);
        $offset = ord($hash[19]) & 15;
        $number = (int) hexdec(bin2hex(substr($hash, $offset, 4))) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * @param  int  $last  step whose code was used last: none counts twice
     * @return ?int step the code is of; null where it is none of now
     */
    public static function step(string $key, string $code, int $moment, int $last): ?int
    {
        $now = intdiv($moment, self::STEP);
        for ($step = max($last + 1, $now - self::DRIFT); $step <= $now + self::DRIFT; $step++) {
            if (hash_equals(self::code(self::bytes($key), $step), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** What an authenticator reads, as most of them do (`otpauth:`). */
    public static function address(string $key, string $account, string $issuer): string
    {
        $name = rawurlencode("$issuer:$account");

        return "otpauth://totp/$name?secret=$key&issuer=".rawurlencode($issuer);
    }

    private static function bytes(string $key): string
    {
        $bits = '';
        foreach (str_split($key) as $letter) {
            $bits .= str_pad(decbin((int) strpos(self::ALPHABET, $letter)), 5, '0', STR_PAD_LEFT);
        }

        $bytes = str_split(substr($bits, 0, intdiv(strlen($bits), 8) * 8), 8);

        return implode('', array_map(fn (string $byte): string => chr((int) bindec($byte)), $bytes));
    }
}
