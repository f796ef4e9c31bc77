<?php

namespace App\Clicks;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use InkyCard\Clicks\HumanFilter;

/** Notes clicks as they come. */
final class Noted
{
    /**
     * Written before the answer: a click that was answered is a click that was noted. Where the database takes none, it
     * is set aside, and its reader goes on all the same.
     */
    public static function click(ConnectionInterface $clicks, Request $request, int $link): void
    {
        $click = [
            'tracked_link_id' => $link,
            'at' => now()->toDateTimeString(),
            'visitor' => Visitor::of($request, now()->toDateString()),
            'filtered' => HumanFilter::reason(
                $request->method(),
                (string) $request->userAgent(),
                $request->header('Sec-Purpose') ?? ($request->header('Purpose') ?? (string) $request->header('X-Moz')),
            ),
        ];
        try {
            $clicks->insert(
                'insert into clicks (tracked_link_id, at, visitor, filtered) values (?, ?, ?, ?)', array_values($click),
            );
        } catch (QueryException $locked) {
            SetAside::keep($click, $locked);

            return;
        }
        SetAside::isEmpty() || rescue(SetAside::takeIn(...));
    }
}
