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
            $made = bin2hex(random_bytes(16));
            rescue(fn () => Cache::add($name, $made, self::SECONDS), report: false);
            // Where none can be kept, a visitor is told apart by the click alone.
            $salt = (string) Cache::get($name, $made);
        }

        return substr(hash_hmac('sha256', $request->ip().'|'.$request->userAgent(), $salt), 0, 16);
    }
}
