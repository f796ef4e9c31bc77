<?php

namespace App\Http\Controllers;

use App\Clicks\Token;
use App\Clicks\Visitor;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Clicks\HumanFilter;

/**
 * A counted link: noted, then passed on to the address it was handed over
 * with. Where it leads comes from our own record alone, so nobody can make it
 * lead elsewhere. It goes on leading there when its card is archived.
 */
final class GoController
{
    public function __invoke(Request $request, string $token): Response
    {
        $number = Token::link($token);
        $clicks = DB::connection(config('inky.clicks_connection'));
        $address = $number === null ? null : $clicks->table('tracked_links')->where('id', $number)->value('address');
        if (! is_string($address)) {
            return response(view('errors.plain', ['title' => 'No such link', 'sentence' => 'This link was not made here, or it was not copied whole.']), 404);
        }
        $now = now();
        // Written before the answer: a press that was answered is a press that was noted.
        $clicks->table('clicks')->insert([
            'tracked_link_id' => $number,
            'at' => $now->toDateTimeString(),
            'visitor' => Visitor::of($request, $now->toDateString()),
            'filtered' => HumanFilter::reason($request->method(), (string) $request->userAgent(), $request->header('Sec-Purpose') ?? $request->header('Purpose') ?? (string) $request->header('X-Moz')),
        ]);

        return response('', 302, ['Location' => $address, 'Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex', 'Referrer-Policy' => 'no-referrer']);
    }
}
