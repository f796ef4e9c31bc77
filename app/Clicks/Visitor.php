<?php

namespace App\Clicks;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** Tells two readers of one day apart without keeping who they are: the salt of the day is forgotten after it. */
final class Visitor
{
    /** A day and a half: clocks of workers may differ. */
    private const SECONDS = 129_600;

    public static function of(Request $request, string $day): string
    {
        $name = "visitor.$day";
        $salt = Cache::get($name);
        if (! is_string($salt)) {
            // Two workers may come at once: the first one's salt counts.
            Cache::add($name, bin2hex(random_bytes(16)), self::SECONDS);
            $salt = (string) Cache::get($name);
        }

        return substr(hash_hmac('sha256', $request->ip().'|'.$request->userAgent(), $salt), 0, 16);
    }
}
