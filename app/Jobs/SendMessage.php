<?php

namespace App\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Envelope;
use Symfony\Component\Mailer\Exception\InvalidArgumentException;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\RawMessage;

/** Gives a message to the mail server, and again later where that is worth it. */
final class SendMessage implements ShouldQueue
{
    use Queueable;

    /** Seconds between one try and the next; after the last it is given up. */
    private const AGAIN = [10, 60, 300];

    public int $tries = 4;

    public function __construct(private readonly int $message)
    {
    }

    public function handle(): void
    {
        $tried = $this->attempts();
        try {
            self::pass($this->message, last: $tried > count(self::AGAIN));
        } catch (TransportExceptionInterface) {
            $this->release(self::AGAIN[$tried - 1]);
        }
    }

    /**
     * Gives one to the mail server.
     *
     * @param  bool  $last  a server that does not answer is not tried again
     *
     * @throws TransportExceptionInterface when it is worth another try
     */
    public static function pass(int $id, bool $last): void
    {
        $one = DB::table('outgoing_messages')->where(['id' => $id, 'state' => 'waiting'])->first();
        if ($one === null) {
            return;
        }
        try {
            Mail::getSymfonyTransport()->send(
                new RawMessage($one->raw), new Envelope(new Address($one->from), [new Address($one->to)]),
            );
            self::settle($id, 'sent', '');
        } catch (TransportExceptionInterface $refusal) {
            // 4yz may pass another time, 5yz does not (RFC 5321, 4.2.1); without a number nobody answered.
            if ($refusal->getCode() < 500 && ! $last) {
                DB::table('outgoing_messages')->where('id', $id)->update(['words' => self::words($refusal)]);
                throw $refusal;
            }
            self::settle($id, 'refused', self::words($refusal));
        } catch (InvalidArgumentException) {
            // RFC 6531: such an address needs a server that offers SMTPUTF8.
            self::settle($id, 'refused', 'the mail server takes no letters beyond ASCII before the @');
        }
    }

    private static function settle(int $id, string $state, string $words): void
    {
        DB::table('outgoing_messages')->where('id', $id)->update(['state' => $state, 'words' => $words]);
    }

    /** What the server said, without what is said around it. */
    private static function words(\Throwable $refusal): string
    {
        $says = preg_match('/with message "(.+)"\.?$/s', $refusal->getMessage(), $match) === 1
            ? $match[1]
            : $refusal->getMessage();

        return mb_strimwidth(trim((string) preg_replace('/\s+/', ' ', mb_scrub($says))), 0, 500, '…');
    }
}
