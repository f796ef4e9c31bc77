<?php

namespace App\Outside;

use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\Transport\Smtp\SmtpTransport;

/** The mail server messages to many go out by: so many a minute, whoever sends them, and what its refusals mean. */
final class MailServer
{
    /** Seconds until it is asked again, where it does not answer. */
    public const PAUSE = 300;

    private const RATE = 'mailings';

    /** Seconds until it takes one more; null where it does now. */
    public static function wait(): ?int
    {
        if (RateLimiter::tooManyAttempts(self::RATE, (int) config('inky.mail_rate'))) {
            return RateLimiter::availableIn(self::RATE);
        }
        try {
            $transport = Mail::getSymfonyTransport();
            // Where nobody answers, nobody was given anything.
            $transport instanceof SmtpTransport && $transport->start();
        } catch (TransportExceptionInterface) {
            return self::PAUSE;
        }

        return null;
    }

    /** One is given to it. */
    public static function counts(): void
    {
        RateLimiter::hit(self::RATE);
    }

    /**
     * RFC 5321, 4.2.1: 4yz may pass another time, 5yz never does. Without a number it is not known what the server did.
     *
     * @return 'later'|'unsure'|'refused'
     */
    public static function means(\Throwable $refusal): string
    {
        $code = (int) $refusal->getCode();

        return match (true) {
            ! $refusal instanceof TransportExceptionInterface, $code >= 500 => 'refused',
            $code >= 400 => 'later',
            default => 'unsure',
        };
    }
}
