<?php

namespace App\Auth;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Of a member: a key their authenticator has as well, and codes for the day it is lost. */
final class SecondFactor
{
    private const CODES = 8;

    /**
     * Turns it on, for who has shown that their authenticator has the key.
     *
     * @return list<string>|null codes to keep, shown once; null where the code is not of that key
     */
    public static function begin(User $user, string $key, string $code): ?array
    {
        $step = Totp::step($key, self::digits($code), now()->getTimestamp(), 0);
        if ($step === null) {
            return null;
        }
        $user->forceFill(['second' => $key, 'second_step' => $step])->save();

        return self::codes($user);
    }

    /** @return list<string> new ones in the place of those there were */
    public static function codes(User $user): array
    {
        $codes = [];
        for ($code = 0; $code < self::CODES; $code++) {
            $codes[] = strtolower(Str::password(5, symbols: false).'-'.Str::password(5, symbols: false));
        }
        $user->forceFill(['recovery' => json_encode(array_map(
            // They are random: one round of hashing will do.
            fn (string $code): string => hash('sha256', $code), $codes,
        ), JSON_THROW_ON_ERROR)])->save();

        return $codes;
    }

    public static function end(User $user): void
    {
        $user->forceFill(['second' => null, 'recovery' => null])->save();
    }

    /** Whether a code of an authenticator, or one of those kept for the day it is lost, is right: each counts once. */
    public static function passes(User $user, string $typed): bool
    {
        return DB::transaction(function () use ($user, $typed): bool {
            $user = User::query()->lockForUpdate()->findOrFail($user->id);
            $step = Totp::step(
                (string) $user->second, self::digits($typed), now()->getTimestamp(), (int) $user->second_step,
            );
            if ($step !== null) {
                return $user->forceFill(['second_step' => $step])->save();
            }
            $codes = self::left($user);
            $left = array_values(array_diff($codes, [hash('sha256', strtolower(trim($typed)))]));

            return count($left) < count($codes)
                && $user->forceFill(['recovery' => json_encode($left, JSON_THROW_ON_ERROR)])->save();
        });
    }

    /** @return list<string> codes not used yet, hashed */
    public static function left(User $user): array
    {
        return array_values(array_filter((array) json_decode((string) $user->recovery, true), is_string(...)));
    }

    private static function digits(string $typed): string
    {
        return (string) preg_replace('/\s+/', '', $typed);
    }
}
