<?php

namespace App\Auth;

use App\Models\Workspace;
use App\Tray\Outgoing;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use InkyCard\Handover\SubjectHeader;
use InkyCard\Refusal;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * Addresses that do one thing once, sent to a mailbox: signed, running out. What opens them by itself, as mail gateways
 * do, gets a page with a button; the button does it.
 */
final class MailLink
{
    /** Messages an hour to one address, and asked for from one place. */
    private const TO_ONE = 5;

    private const FROM_ONE = 20;

    private const HOUR = 3600;

    /** @param  array<string, int|string>  $with */
    public static function to(string $route, int $minutes, array $with): string
    {
        return URL::temporarySignedRoute($route, now()->addMinutes($minutes), $with + ['once' => Str::random(12)]);
    }

    /** What is wrong with it; null for nothing. */
    public static function wrong(Request $request): ?string
    {
        return match (true) {
            ! URL::hasCorrectSignature($request) => Words::of(
                'This link is not whole: copy all of it out of the message.',
            ),
            ! URL::signatureHasNotExpired($request) => Words::of('This link has run out: ask for another.'),
            Cache::has(self::spent($request)) => Words::of(
                'This link was used already: ask for another where you need one.',
            ),
            default => null,
        };
    }

    /** Uses it up. @return bool false where somebody else just did */
    public static function spend(Request $request): bool
    {
        return Cache::add(self::spent($request), 1, now()->addDays(30));
    }

    /**
     * Sends a message with one.
     *
     * @param  list<string>  $lines  what stands before it
     *
     * @throws Refusal when there were too many
     */
    public static function send(Workspace $workspace, string $to, string $subject, array $lines, string $link): void
    {
        $limits = [
            'mail-to|'.sha1(mb_strtolower($to)) => self::TO_ONE, 'mail-from|'.request()->ip() => self::FROM_ONE,
        ];
        foreach ($limits as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw Refusal::because('Enough messages went there for now: look for the last one, or wait an hour.');
            }
            RateLimiter::hit($key, self::HOUR);
        }
        $from = (string) config('mail.from.address');
        $email = SubjectHeader::put(new Email, $subject)->from(new Address($from, (string) config('mail.from.name')))
            ->to(new Address($to))->text(implode("\n\n", [...$lines, $link])."\n");
        $email->getHeaders()->addTextHeader('Auto-Submitted', 'auto-generated');
        Outgoing::send($workspace, $email, $from, [$to], isOurs: true);
    }

    private static function spent(Request $request): string
    {
        return 'spent.'.hash('xxh128', (string) $request->query('signature'));
    }
}
