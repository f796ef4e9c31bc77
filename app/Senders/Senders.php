<?php

namespace App\Senders;

use App\Mailings\Mailings;
use App\Models\Workspace;
use App\Outside\SafeHttpClient;

/** Who can send campaigns: one is set, those of campaigns given out before stay known. */
final class Senders
{
    /** Name => as it is said. */
    public const ALL = [Mailings::STAND_IN => 'the stand-in sender', Mailings::MAIL => 'our own mail server'];

    /** @return ?string name of the one campaigns are given to; null where that is done by hand */
    public static function current(): ?string
    {
        $set = (string) config('inky.sender');

        return match (true) {
            isset(self::ALL[$set]) => self::answers($set) ? $set : null,
            $set !== '' => null,
            (bool) config('inky.stand_ins') => Mailings::STAND_IN,
            default => config('mail.default') === 'tray' ? null : Mailings::MAIL,
        };
    }

    /** Whether it can be asked: a stand-in that was turned off cannot. */
    public static function answers(string $name): bool
    {
        return $name === Mailings::MAIL || (bool) config('inky.stand_ins');
    }

    public static function of(string $name, Workspace $workspace): Sender
    {
        return $name === Mailings::MAIL ? new MailSender($workspace)
            : new ApiSender(app(SafeHttpClient::class), $workspace->id);
    }
}
