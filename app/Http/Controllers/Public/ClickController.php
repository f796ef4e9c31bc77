<?php

namespace App\Http\Controllers\Public;

use App\Clicks\Noted;
use App\Clicks\Token;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

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
                    'title' => __('No such link'),
                    'sentence' => __('This link was not made here, or it was not copied whole.'),
                ]),
                404,
            );
        }
        Noted::click($clicks, $request, (int) $number);

        // Made by hand: the helper would load views and sessions, which take longer than noting the click.
        return new Response('', 302, [
            'Location' => $address, 'Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }
}
