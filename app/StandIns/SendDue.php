<?php

namespace App\StandIns;

use App\Mailings\Mailings;
use App\Mailings\MailingText;
use App\Tray\Tray;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Time\Day;

/** The stand-in sends what is due by its clock to the mail tray: nobody twice, however often it is begun again. */
final class SendDue implements ShouldQueue
{
    use Queueable;

    /** Messages written at once. */
    private const EACH = 200;

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
            $last = 0;
            do {
                $last = $this->pass($message, $mailings->waiting($message)->where('id', '>', $last)->orderBy('id')
                    ->limit(self::EACH)->get(), $text);
            } while ($last !== null && microtime(true) < $until);
            if ($last !== null) {
                self::dispatch($this->account);

                return;
            }
            $mailings->through($message);
        }
    }

    /**
     * @param  Collection<int, \stdClass>  $recipients
     * @return ?int number after which to go on; null where there are none
     */
    private function pass(\stdClass $message, Collection $recipients, MailingText $text): ?int
    {
        $rows = $recipients->all();
        if ($rows === []) {
            return null;
        }
        $none = array_filter($rows, fn (\stdClass $one): bool => str_ends_with($one->address, self::BOUNCES));
        $messages = array_map(fn (\stdClass $one): array => [
            'from' => $message->from, 'to' => $one->address, ...$text->written($one),
        ], array_values(array_diff_key($rows, $none)));
        try {
            // What was sent and that it was are written together: a kill between them is no second message.
            DB::transaction(function () use ($message, $recipients, $none, $messages): void {
                Mailings::sent($message, $recipients);
                array_map(Mailings::bounced(...), $none);
                Tray::fill($this->account, 'sender', $messages);
            });
        } catch (UniqueConstraintViolationException) {
            // Another of these sends the same: whom it has not had is found by the next look.
            return (int) reset($rows)->id - 1;
        }

        return (int) end($rows)->id;
    }
}
