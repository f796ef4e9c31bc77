<?php

namespace App\StandIns;

use App\Tray\Tray;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\Token;
use InkyCard\Footer\TokenMarks;
use InkyCard\Footer\TokenStyle;
use InkyCard\Handover\SubjectHeader;
use InkyCard\Time\Day;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** The stand-in sends what is due by its clock to the mail tray: nobody twice, however often it is begun again. */
final class SendDue implements ShouldQueue
{
    use Queueable;

    /** Messages written at once. */
    private const EACH = 40;

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
        $today = self::today($this->account);
        foreach (DB::table('sender_messages')->join('sender_campaigns', 'sender_campaigns.id', 'campaign_id')
            ->where('account', $this->account)->whereNull('sent_at')->whereNull('stopped_at')
            ->orderBy('sender_messages.id')->get(['sender_messages.*', 'from', 'style', 'starts']) as $message) {
            $due = Day::parse(substr((string) $message->starts, 0, 10))->plus((int) $message->after_days);
            if (! $today->isBefore($due)) {
                $this->send($message);
                DB::table('sender_messages')->where('id', $message->id)->update(['sent_at' => (string) now()]);
            }
        }
    }

    private function send(\stdClass $message): void
    {
        $parts = self::parts($message);
        DB::table('sender_recipients')->where('campaign_id', $message->campaign_id)->whereNull('left_at')
            ->whereNull('bounced_at')->whereNotExists(fn ($query) => $query->selectRaw('1')->from('sender_sends')
            ->whereColumn('recipient_id', 'sender_recipients.id')->where('message_id', $message->id))
            ->chunkById(self::EACH, function ($some) use ($message, $parts): void {
                // What was sent and that it was are written together: a kill between them is no second message.
                DB::transaction(fn () => $some->each(fn (\stdClass $one) => $this->pass($message, $one, $parts)));
            });
    }

    /** @param  list<list<string|array{Token, string}>>  $parts */
    private function pass(\stdClass $message, \stdClass $recipient, array $parts): void
    {
        $new = DB::table('sender_sends')->insertOrIgnore([
            'message_id' => $message->id, 'recipient_id' => $recipient->id,
        ]);
        if ($new === 0) {
            return;
        }
        if (str_ends_with($recipient->address, self::BOUNCES)) {
            DB::table('sender_recipients')->where('id', $recipient->id)->update(['bounced_at' => (string) now()]);

            return;
        }
        $out = self::out($recipient);
        [$html, $text, $subject] = self::filled($message, $recipient, $parts);
        $email = SubjectHeader::put(new Email, $subject)->from(new Address($message->from))
            ->to(new Address($recipient->address))->html($html)->text($text);
        $email->getHeaders()->addTextHeader('List-Unsubscribe', "<$out>");
        $email->getHeaders()->addTextHeader('List-Unsubscribe-Post', 'List-Unsubscribe=One-Click');
        Tray::keep($this->account, $email->toString(), 'sender');
    }

    private static function out(\stdClass $recipient): string
    {
        return url("/stand-ins/sender/out/$recipient->token");
    }

    /** @return list<list<string|array{Token, string}>> HTML, text and subject, cut at their tokens */
    private static function parts(\stdClass $message): array
    {
        $marks = new TokenMarks(TokenStyle::of(json_decode((string) $message->style, true)));

        return [
            $marks->parts($marks->put((string) $message->html), html: true),
            $marks->parts($marks->put((string) $message->text), html: false),
            $marks->parts($marks->put((string) $message->subject), html: false),
        ];
    }

    /**
     * @param  list<list<string|array{Token, string}>>|null  $parts  of the message
     * @return array{string, string, string} HTML, text, subject
     */
    public static function filled(\stdClass $message, \stdClass $recipient, ?array $parts = null): array
    {
        $out = self::out($recipient);
        $values = ['unsubscribe_url' => $out, 'view_url' => "$out/view/$message->position"]
            + array_map(strval(...), (array) json_decode((string) $recipient->data, true));
        $fill = fn (array $cut): string => implode('', array_map(fn (string|array $part): string => is_string($part)
            ? $part : TokenMarks::filled($part[0], $part[1], $values), $cut));
        [$html, $text, $subject] = $parts ?? self::parts($message);

        return [$fill($html), $fill($text), $fill($subject)];
    }
}
