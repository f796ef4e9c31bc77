<?php

namespace App\Senders;

use App\Campaigns\LeftAlone;
use App\Mailings\Mailings;
use App\Mailings\MailingText;
use App\Models\Workspace;
use App\Outside\MailServer;
use App\Tray\TrayTransport;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Mail;
use InkyCard\Time\Day;
use Symfony\Component\Mailer\Exception\ExceptionInterface as MailerException;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mime\Exception\ExceptionInterface as MimeException;

/**
 * Gives what is due to the mail server, so many a minute, from nine in the morning on. That somebody is given a message
 * is written before the server has it: what a kill cuts off there may have arrived, and is not sent again.
 */
final class SendMailings implements ShouldQueue
{
    use Queueable;

    /** Seconds of one run, well before the queue takes its worker for dead. */
    private const SECONDS = 10;

    /** Recipients looked up at once. */
    private const EACH = 40;

    /** Hour of the day, in the workspace's zone. */
    private const HOUR = 9;

    /** What the library expects where a recipient is named. */
    private const RCPT = '250/251/252';

    /** So many refused in a row for what they are, and not for whom: then it is the message or its sender. */
    private const REFUSED = 3;

    /** @var list<int> recipients whose message was refused so, in a row */
    private array $refused = [];

    public function __construct(private readonly int $workspace)
    {
    }

    /** The moment mail of a day goes out from. */
    public static function opens(Day $day, string $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable(sprintf('%s %02d:00', $day->iso, self::HOUR), new \DateTimeZone($zone));
    }

    /** Whether something waits that could go now. */
    public static function isDue(Workspace $workspace): bool
    {
        return Mailings::ofMail($workspace->id)->due(self::day($workspace))->isNotEmpty();
    }

    public function handle(): void
    {
        $workspace = Workspace::query()->find($this->workspace);
        if ($workspace === null) {
            return;
        }
        $until = microtime(true) + self::SECONDS;
        $mailings = Mailings::ofMail($workspace->id);
        foreach ($mailings->due(self::day($workspace)) as $message) {
            $text = new MailingText($message);
            while (! ($some = $this->some($mailings, $message))->isEmpty()) {
                foreach ($some as $one) {
                    if (($wait = microtime(true) < $until ? $this->pass($message, $one, $text) : 0) !== null) {
                        $this->again($wait);

                        return;
                    }
                    if (count($this->refused) === self::REFUSED) {
                        $mailings->stop((int) $message->campaign_id, true, Mailings::forget($message, $this->refused));

                        return;
                    }
                }
            }
            if (! $mailings->through($message)) {
                $this->again(MailServer::PAUSE);
            }
        }
    }

    /** A queue that does not wait does not go on, either: a look at the campaign begins it again. */
    private function again(int $seconds): void
    {
        if (config('queue.default') !== 'sync') {
            self::dispatch($this->workspace)->delay($seconds);
        }
    }

    /** @return Collection<int, \stdClass> */
    private function some(Mailings $mailings, \stdClass $message): Collection
    {
        return $mailings->waiting($message)->whereNotIn('address', LeftAlone::of($this->workspace))
            ->orderBy('id')->limit(self::EACH)->get();
    }

    /** @return ?int seconds after which to go on; null at once */
    private function pass(\stdClass $message, \stdClass $recipient, MailingText $text): ?int
    {
        $wait = MailServer::wait();
        if ($wait !== null) {
            return $wait;
        }
        if (! Mailings::claim($message, $recipient)) {
            return null;
        }
        MailServer::counts();
        $transport = Mail::getSymfonyTransport();
        try {
            $email = $text->email($recipient);
            $transport instanceof TrayTransport ? $transport->of($this->workspace)->send($email)
                : $transport->send($email);
            Mailings::settle($message, $recipient, 'sent');
            $this->refused = [];
        } catch (MailerException|MimeException $refusal) {
            $this->refused($message, $recipient, $refusal);
        }

        return null;
    }

    private function refused(\stdClass $message, \stdClass $recipient, \Throwable $refusal): void
    {
        $code = (int) $refusal->getCode();
        $words = $refusal->getMessage();
        $means = MailServer::means($refusal);
        if ($means !== 'refused') {
            $means === 'unsure' ? Mailings::settle($message, $recipient, 'passing', $words)
                : Mailings::later($message, $recipient, $words);

            return;
        }
        Mailings::settle($message, $recipient, 'refused', $words);
        // Whom the server would take, at RCPT TO alone: there is no such mailbox (RFC 5321, 4.2.3: 550, 551, 553; RFC
        // 3463, 3.2: 5.1.x where the server says more).
        $isRecipient = str_contains($words, self::RCPT) || ! $refusal instanceof TransportExceptionInterface;
        $more = preg_match('/\b5\.(\d{1,3})\.\d{1,3}\b/', $words, $status) === 1 ? $status[1] : '1';
        if ($isRecipient && $more === '1' && in_array($code, [550, 551, 553], true)) {
            Mailings::bounced($recipient);
            LeftAlone::add($this->workspace, [$recipient->address], 'bounced');
        }
        $this->refused = $isRecipient ? [] : [...$this->refused, (int) $recipient->id];
    }

    /** The day whose mail goes out. */
    private static function day(Workspace $workspace): Day
    {
        return Day::at(now($workspace->clock())->subHours(self::HOUR));
    }
}
