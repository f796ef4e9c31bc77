<?php

namespace App\Http\Controllers\Public;

use App\Clicks\Noted;
use App\Clicks\Token;
use App\Roster\Leaver;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/**
 * A counted link: noted, then passed on to the address it was handed over
 * with. Where it leads comes from our own record alone, so nobody can make it
 * lead elsewhere. It goes on leading there when its card is archived; that of
 * somebody who has left leads to the firm.
 */
final class ClickController
{
    private const LINK = 'select tracked_links.address, people.last_day, people.workspace_id from tracked_links '
        .'left join people on people.id = tracked_links.person_id where tracked_links.id = ?';

    public function __invoke(Request $request, string $token): Response
    {
        $number = Token::link($token);
        $clicks = DB::connection(config('inky.clicks_connection'));
        $link = $number === null ? null : $clicks->selectOne(self::LINK, [$number]);
        if ($link === null) {
            return response(
                view('errors.plain', [
                    'title' => __('No such link'),
                    'sentence' => __('This link was not made here, or it was not copied whole.'),
                ]),
                404,
            );
        }
        Noted::click($clicks, $request, (int) $number);

        // Made by hand: the helper would load views and sessions, which take longer than noting the click.
        return new Response('', 302, [
            'Location' => self::leads($link, $clicks), 'Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }

    private static function leads(\stdClass $link, ConnectionInterface $rows): string
    {
        $leaver = $link->last_day === null ? null
            : Leaver::of((string) $link->last_day, (int) $link->workspace_id, $rows);

        return $leaver?->hasLeft() === true ? $leaver->firm() ?? $link->address : $link->address;
    }
}
