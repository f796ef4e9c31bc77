<?php

namespace App\Http\Controllers\Public;

use App\Clicks\SetAside;
use App\Clicks\Token;
use App\Clicks\Visitor;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Clicks\HumanFilter;

/**
 * A counted link: noted, then passed on to the address it was handed over
 * with. Where it leads comes from our own record alone, so nobody can make it
 * lead elsewhere. It goes on leading there when its card is archived.
 */
final class ClickController
{
    public function __invoke(Request $request, string $token): Response
    {
        $number = Token::link($token);
        $clicks = DB::connection(config('inky.clicks_connection'));
        $address
            = $number === null
                ? null
                : $clicks->selectOne('select address from tracked_links where id = ?', [$number])?->address;
        if (! is_string($address)) {
            return response(
                view('errors.plain', [
                    'title' => 'No such link',
                    'sentence' => 'This link was not made here, or it was not copied whole.',
                ]),
                404,
            );
        }
        $this->note($clicks, [
            'tracked_link_id' => (int) $number,
            'at' => now()->toDateTimeString(),
            'visitor' => Visitor::of($request, now()->toDateString()),
            'filtered' => HumanFilter::reason(
                $request->method(),
                (string) $request->userAgent(),
                $request->header('Sec-Purpose') ?? ($request->header('Purpose') ?? (string) $request->header('X-Moz')),
            ),
        ]);

        // Made by hand: the helper would load views and sessions, which take longer than noting the click.
        return new Response('', 302, [
            'Location' => $address, 'Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }

    /**
     * Written before the answer: a click that was answered is a click that was noted. Where the database takes none, it
     * is set aside, and its reader goes on all the same.
     *
     * @param  array{tracked_link_id: int, at: string, visitor: string, filtered: ?string}  $click
     */
    private function note(ConnectionInterface $clicks, array $click): void
    {
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
