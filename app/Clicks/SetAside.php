<?php

namespace App\Clicks;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;

/**
 * Clicks the database could not take, one a line in a file: a link once sent out leads on, and what was clicked
 * meanwhile is counted as soon as it can be.
 */
final class SetAside
{
    /** Clicks taken in with one statement. */
    private const EACH = 200;

    /** @param  array{tracked_link_id: int, at: string, visitor: string, filtered: ?string}  $click */
    public static function keep(array $click, \Throwable $why): void
    {
        $line = json_encode($click, JSON_THROW_ON_ERROR)."\n";
        if (@file_put_contents(self::file(), $line, FILE_APPEND | LOCK_EX) !== strlen($line)) {
            Log::error('A click was dropped, it could be kept nowhere: '.$why->getMessage());
        }
    }

    public static function isEmpty(): bool
    {
        return ! is_file(self::file());
    }

    /** Takes in what was set aside; what cannot be taken yet waits on. Gives back how many. */
    public static function takeIn(): int
    {
        // By one at a time, and with a name of its own, so that none is added to it or taken twice.
        @rename(self::file(), self::file().'.'.bin2hex(random_bytes(6)));
        $taken = 0;
        foreach (glob(self::file().'.*') ?: [] as $file) {
            $clicks = array_filter(array_map(self::click(...), file($file, FILE_SKIP_EMPTY_LINES) ?: []));
            DB::transaction(fn () => array_map(
                fn (array $some) => DB::table('clicks')->insert($some), array_chunk($clicks, self::EACH),
            ));
            unlink($file);
            $taken += count($clicks);
            if (min([now()->toDateString(), ...array_column($clicks, 'at')]) < now()->toDateString()) {
                Sums::forget();
            }
        }

        return $taken;
    }

    /** @return ?array<string, mixed> null for a line that was cut off */
    private static function click(string $line): ?array
    {
        $click = json_decode($line, true);

        return is_array($click) && isset($click['tracked_link_id'], $click['at'], $click['visitor']) ? $click : null;
    }

    private static function file(): string
    {
        return config('inky.aside');
    }
}
