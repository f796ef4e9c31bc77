<?php

namespace App\Clicks;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** Tells two readers of one day apart without keeping who they are: the salt of the day is forgotten after it. */
final class Visitor
{
    public static function of(Request $request, string $day): string
    {
        Cache::add("visitor.$day", bin2hex(random_bytes(16)), 129_600);

        return substr(hash_hmac('sha256', $request->ip().'|'.$request->userAgent(), (string) Cache::get("visitor.$day")), 0, 16);
    }
}
