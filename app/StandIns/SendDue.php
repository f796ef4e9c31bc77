<?php

namespace App\StandIns;

use App\Mailings\Mailings;
use App\Mailings\MailingText;
use App\Tray\Tray;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use InkyCard\Time\Day;

/** The stand-in sends what is due by its clock to the mail tray: nobody twice, however often it is begun again. */
final class SendDue implements ShouldQueue
{
    use Queueable;

    /** Messages written at once. */
    private const EACH = 40;

    /** Seconds, before the queue takes its worker for dead: then another of these goes on. */
    private const SECONDS = 10;

    /** Addresses there that nobody has. */
    private const BOUNCES = '@bounce.example';

    public function __construct(private readonly int $account)
    {
    }

    /** The day it is by the stand-in's clock. */
    public static function today(int $account): Day
    {
        return Day::at(now())->plus((int) DB::table('sender_clocks')->where('account', $account)->value('days'));
    }

    public function handle(): void
    {
        $until = microtime(true) + self::SECONDS;
        $mailings = Mailings::ofStandIn($this->account);
        foreach ($mailings->due(self::today($this->account)) as $message) {
            $text = new MailingText($message);
            $through = $mailings->waiting($message)->chunkById(
                self::EACH, function ($some) use ($message, $text, $until): bool {
                    // What was sent and that it was are written together: a kill between them is no second message.
                    DB::transaction(fn () => $some->each(fn (\stdClass $one) => $this->pass($message, $one, $text)));

                    return microtime(true) < $until;
                },
            );
            if (! $through) {
                self::dispatch($this->account);

                return;
            }
            $mailings->through($message);
        }
    }

    private function pass(\stdClass $message, \stdClass $recipient, MailingText $text): void
    {
        if (! Mailings::claim($message, $recipient, 'sent')) {
            return;
        }
        if (str_ends_with($recipient->address, self::BOUNCES)) {
            Mailings::bounced($recipient);

            return;
        }
        $email = $text->email($recipient);
        Tray::put(
            $this->account, $email->toString(), 'sender', $message->from, $recipient->address,
            (string) $email->getSubject(),
        );
    }
}
