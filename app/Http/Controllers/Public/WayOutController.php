<?php

namespace App\Http\Controllers\Public;

use App\Campaigns\LeftAlone;
use App\Http\Middleware\ContentPolicy;
use App\Mailings\Mailings;
use App\Mailings\MailingText;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Ways out of messages sent from here: by a page, or in one press by a mailbox (RFC 8058). */
final class WayOutController
{
    public function show(string $token): Response
    {
        return self::page(self::recipient($token));
    }

    /** A mailbox posts `List-Unsubscribe=One-Click`, the page its own button. */
    public function leave(Request $request, string $token): Response
    {
        $one = self::recipient($token);
        DB::transaction(function () use ($one): void {
            DB::table('mailing_recipients')->where('id', $one->id)->whereNull('left_at')
                ->update(['left_at' => (string) now()]);
            // Of a stand-in's, the workspace hears as it would of any other sender's: when it asks.
            $one->via === Mailings::MAIL && LeftAlone::add((int) $one->account, [$one->address], 'left');
        });

        return $request->input('List-Unsubscribe') === 'One-Click' ? response('', 202)
            : self::page(self::recipient($token));
    }

    /** The message in a browser. */
    public function view(string $token, int $position): Response
    {
        $one = self::recipient($token);
        $message = DB::table('mailing_messages')->join('mailings', 'mailings.id', 'campaign_id')
            ->where(['campaign_id' => $one->campaign_id, 'position' => $position])
            ->first(['mailing_messages.*', 'style', 'from']) ?? abort(404);

        return response((new MailingText($message))->for($one)[0])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING)->header('X-Robots-Tag', 'noindex');
    }

    private static function page(\stdClass $one): Response
    {
        return response(view('campaigns.way-out', [
            'token' => $one->token, 'gone' => $one->left_at !== null, 'isReal' => $one->via === Mailings::MAIL,
        ]));
    }

    private static function recipient(string $token): \stdClass
    {
        return DB::table('mailing_recipients')->join('mailings', 'mailings.id', 'campaign_id')->where('token', $token)
            ->first(['mailing_recipients.*', 'via', 'account']) ?? abort(404);
    }
}
