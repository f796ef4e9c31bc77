<?php

namespace App\Http\Controllers\Public;

use App\Http\Middleware\ContentPolicy;
use App\StandIns\SendDue;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Ways out of the stand-in sender's messages: by a page, or in one press by a mailbox (RFC 8058). */
final class WayOutController
{
    public function show(string $token): Response
    {
        $one = self::recipient($token);

        return response(view('campaigns.way-out', ['token' => $token, 'gone' => $one->left_at !== null]));
    }

    /** A mailbox posts `List-Unsubscribe=One-Click`, the page its own button. */
    public function leave(Request $request, string $token): Response
    {
        $one = self::recipient($token);
        DB::table('sender_recipients')->where('id', $one->id)->whereNull('left_at')
            ->update(['left_at' => (string) now()]);

        return $request->input('List-Unsubscribe') === 'One-Click' ? response('', 202)
            : response(view('campaigns.way-out', ['token' => $token, 'gone' => true]));
    }

    /** The message in a browser. */
    public function view(string $token, int $position): Response
    {
        $one = self::recipient($token);
        $message = DB::table('sender_messages')->join('sender_campaigns', 'sender_campaigns.id', 'campaign_id')
            ->where(['campaign_id' => $one->campaign_id, 'position' => $position])
            ->first(['sender_messages.*', 'style', 'from']) ?? abort(404);

        return response(SendDue::filled($message, $one)[0])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING)->header('X-Robots-Tag', 'noindex');
    }

    private static function recipient(string $token): \stdClass
    {
        return DB::table('sender_recipients')->where('token', $token)->first() ?? abort(404);
    }
}
