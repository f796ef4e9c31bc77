<?php

namespace App\Mailings;

use Illuminate\Database\Query\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Footer\TokenStyle;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/**
 * Campaigns as one that sends them keeps them: their messages with tokens, recipients with what is filled in, and who
 * was sent what. Each sender sees its own of an account.
 */
final readonly class Mailings
{
    /** Recipients and messages of a campaign, letters of a message. */
    private const RECIPIENTS = 20_000;

    private const MESSAGES = 60;

    private const LETTERS = 200_000;

    /** Minutes after which a message that was being passed on has been cut off. */
    private const CUT_OFF = 10;

    /** Minutes between one try and the next, where a mail server asks for patience. */
    private const AGAIN = [10, 30, 120, 480];

    /** Names of senders that keep theirs here. */
    public const STAND_IN = 'stand-in';

    public const MAIL = 'mail';

    /** @param  string  $via  name of the sender */
    private function __construct(private string $via, private int $account)
    {
    }

    /** What the stand-in for a sending system has of an account. */
    public static function ofStandIn(int $account): self
    {
        return new self(self::STAND_IN, $account);
    }

    /** What a workspace sends by the mail server that is set. */
    public static function ofMail(int $workspace): self
    {
        return new self(self::MAIL, $workspace);
    }

    /**
     * @param  array<mixed>  $given  see App\Senders\Sender
     *
     * @throws Refusal
     */
    public function start(array $given): int
    {
        $from = MailAddress::parse($given['from'] ?? '')->address;
        $style = TokenStyle::of($given['style'] ?? 'double-braces');
        $messages = array_values(is_array($given['messages'] ?? null) ? $given['messages'] : []);
        $recipients = array_values(is_array($given['recipients'] ?? null) ? $given['recipients'] : []);
        if ($messages === [] || count($messages) > self::MESSAGES || count($recipients) > self::RECIPIENTS) {
            throw Refusal::because(
                'A campaign has 1 to :messages messages and at most :recipients recipients.',
                values: ['messages' => self::MESSAGES, 'recipients' => self::RECIPIENTS],
            );
        }

        return DB::transaction(function () use ($given, $from, $style, $messages, $recipients): int {
            $id = (int) DB::table('mailings')->insertGetId([
                'via' => $this->via, 'account' => $this->account, 'from' => $from,
                'name' => mb_substr(self::words($given, 'name'), 0, 160),
                'style' => json_encode($style->toDocument(), JSON_THROW_ON_ERROR),
                'starts' => Day::parse($given['starts'] ?? '')->iso,
            ]);
            foreach ($messages as $position => $message) {
                $message = is_array($message) ? $message : [];
                DB::table('mailing_messages')->insert(['campaign_id' => $id, 'position' => $position,
                    'after_days' => max(0, min(999, (int) self::words($message, 'after_days')))]
                    + self::message($message));
            }
            foreach (array_chunk($recipients, 300) as $some) {
                DB::table('mailing_recipients')->insertOrIgnore(array_map(
                    fn (mixed $one): array => self::recipient($id, is_array($one) ? $one : []), $some,
                ));
            }

            return $id;
        });
    }

    public function holds(int $campaign): bool
    {
        return $this->own()->where('id', $campaign)->exists();
    }

    /**
     * Another text for a message nobody was sent yet.
     *
     * @param  array<mixed>  $message  `subject`, `html`, `text`
     * @return bool false where it is too late, or there is no such message
     *
     * @throws Refusal
     */
    public function replace(int $campaign, int $position, array $message): bool
    {
        return DB::table('mailing_messages')->where(['campaign_id' => $campaign, 'position' => $position])
            ->whereNull('sent_at')->whereNotExists(fn (Builder $sends) => $sends->selectRaw('1')->from('mailing_sends')
            ->whereColumn('message_id', 'mailing_messages.id'))->update(self::message($message)) > 0;
    }

    /** Stops it, or takes it up again: what fell due meanwhile is sent then. @param  string  $words  why */
    public function stop(int $campaign, bool $stopped, string $words = ''): void
    {
        $this->own()->where('id', $campaign)
            ->update(['stopped_at' => $stopped ? (string) now() : null, 'words' => $words]);
    }

    /**
     * What became of it.
     *
     * @return array{id: string, stopped: bool, words: string, messages: list<array{position: int, subject: string,
     *     sent_at: ?string, sent: int}>, left: list<string>, bounced: list<string>, refused: int, unsure: int}
     */
    public function state(int $campaign): array
    {
        $sends = DB::table('mailing_sends')->join('mailing_messages', 'mailing_messages.id', 'message_id')
            ->where('campaign_id', $campaign);
        $sent = (clone $sends)->where('state', 'sent')->groupBy('message_id')
            ->selectRaw('message_id, count(*) as sent')->pluck('sent', 'message_id');
        $of = fn (string $column): array => array_values(array_map(strval(...), DB::table('mailing_recipients')
            ->where('campaign_id', $campaign)->whereNotNull($column)->orderBy('id')->pluck('address')->all()));

        $mailing = $this->own()->where('id', $campaign)->first(['stopped_at', 'words']);

        return [
            'id' => (string) $campaign, 'stopped' => $mailing?->stopped_at !== null,
            'words' => (string) $mailing?->words,
            'messages' => array_values(DB::table('mailing_messages')->where('campaign_id', $campaign)
                ->orderBy('position')->get()->map(fn (\stdClass $row): array => [
                    'position' => (int) $row->position, 'subject' => (string) $row->subject,
                    'sent_at' => $row->sent_at === null ? null : (string) $row->sent_at,
                    'sent' => (int) ($sent[$row->id] ?? 0),
                ])->all()),
            'left' => $of('left_at'), 'bounced' => $of('bounced_at'),
            'refused' => (clone $sends)->where('state', 'refused')->count(),
            'unsure' => (clone $sends)->where('state', 'passing')
                ->where('at', '<', (string) now()->subMinutes(self::CUT_OFF))->count(),
        ];
    }

    /** @return Collection<int, \stdClass> messages that are due on a day and not through, the first ones first */
    public function due(Day $today): Collection
    {
        return DB::table('mailing_messages')->join('mailings', 'mailings.id', 'campaign_id')
            ->where(['account' => $this->account, 'via' => $this->via])->whereNull('sent_at')->whereNull('stopped_at')
            ->orderBy('mailing_messages.id')->get(['mailing_messages.*', 'from', 'style', 'starts'])
            ->reject(fn (\stdClass $message): bool => $today->isBefore(
                Day::parse(substr((string) $message->starts, 0, 10))->plus((int) $message->after_days),
            ));
    }

    /** Recipients who have yet to be given a message: not those who left any campaign of the account, or bounced. */
    public function waiting(\stdClass $message): Builder
    {
        return DB::table('mailing_recipients')->where('campaign_id', $message->campaign_id)->whereNull('left_at')
            ->whereNull('bounced_at')
            ->whereNotIn('address', DB::table('mailing_recipients')->whereNotNull('left_at')
                ->whereIn('campaign_id', $this->own()->select('id'))->select('address'))
            ->whereNotExists(fn (Builder $sends) => $sends->selectRaw('1')->from('mailing_sends')
                ->whereColumn('recipient_id', 'mailing_recipients.id')->where('message_id', $message->id)
                ->where(fn (Builder $one) => $one->where('state', '!=', 'later')->orWhere('at', '>', (string) now())));
    }

    /** Nobody waits for it now. @return bool whether nobody will later, either: then it was sent */
    public function through(\stdClass $message): bool
    {
        $later = DB::table('mailing_sends')->where(['message_id' => $message->id, 'state' => 'later'])->exists();
        if (! $later) {
            DB::table('mailing_messages')->where('id', $message->id)->update(['sent_at' => (string) now()]);
        }

        return ! $later;
    }

    /**
     * Notes that somebody is being given a message, before they are.
     *
     * @return bool false where they were before: nobody gets one twice
     */
    public static function claim(\stdClass $message, \stdClass $recipient): bool
    {
        return self::send($message, $recipient)->where('state', 'later')->update([
            'state' => 'passing', 'tries' => DB::raw('tries + 1'), 'at' => (string) now(),
        ]) > 0 || DB::table('mailing_sends')->insertOrIgnore([
            'message_id' => $message->id, 'recipient_id' => $recipient->id, 'state' => 'passing',
            'at' => (string) now(),
        ]) > 0;
    }

    /**
     * That all of them were given it, none before.
     *
     * @param  Collection<int, \stdClass>  $recipients
     *
     * @throws UniqueConstraintViolationException when one was
     */
    public static function sent(\stdClass $message, Collection $recipients): void
    {
        $now = (string) now();
        DB::table('mailing_sends')->insert($recipients->map(fn (\stdClass $recipient): array => [
            'message_id' => $message->id, 'recipient_id' => $recipient->id, 'at' => $now,
        ])->all());
    }

    /** What became of that. @param  string  $words  why, as a mail server put it */
    public static function settle(\stdClass $message, \stdClass $recipient, string $state, string $words = ''): void
    {
        self::send($message, $recipient)
            ->update(['state' => $state, 'words' => mb_strimwidth(mb_scrub($words), 0, 500, '…')]);
    }

    /** Not now: another time, the later the more often it was tried. @return bool false where that is given up */
    public static function later(\stdClass $message, \stdClass $recipient, string $words): bool
    {
        $tries = (int) self::send($message, $recipient)->value('tries');
        self::settle($message, $recipient, $tries > count(self::AGAIN) ? 'refused' : 'later', $words);
        self::send($message, $recipient)->where('state', 'later')
            ->update(['at' => (string) now()->addMinutes(self::AGAIN[$tries - 1] ?? 0)]);

        return $tries <= count(self::AGAIN);
    }

    /**
     * As if they had never been given it.
     *
     * @param  non-empty-list<int>  $recipients
     * @return string why it was not taken
     */
    public static function forget(\stdClass $message, array $recipients): string
    {
        $sends = DB::table('mailing_sends')->where('message_id', $message->id)->whereIn('recipient_id', $recipients);
        $words = (string) (clone $sends)->value('words');
        $sends->delete();

        return $words;
    }

    private static function send(\stdClass $message, \stdClass $recipient): Builder
    {
        return DB::table('mailing_sends')
            ->where(['message_id' => $message->id, 'recipient_id' => $recipient->id]);
    }

    public static function bounced(\stdClass $recipient): void
    {
        DB::table('mailing_recipients')->where('id', $recipient->id)->update(['bounced_at' => (string) now()]);
    }

    private function own(): Builder
    {
        return DB::table('mailings')->where(['account' => $this->account, 'via' => $this->via]);
    }

    /**
     * @param  array<mixed>  $given
     * @return array<string, string>
     */
    private static function recipient(int $campaign, array $given): array
    {
        return [
            'campaign_id' => (string) $campaign, 'token' => Str::random(24),
            'address' => mb_strtolower(MailAddress::parse($given['email'] ?? '')->address),
            'data' => json_encode(array_filter(
                is_array($given['values'] ?? null) ? $given['values'] : [], is_string(...),
            ), JSON_THROW_ON_ERROR),
        ];
    }

    /**
     * @param  array<mixed>  $given
     * @return array<string, string>
     *
     * @throws Refusal
     */
    private static function message(array $given): array
    {
        $message = array_combine(['subject', 'html', 'text'], array_map(
            fn (string $part): string => self::words($given, $part), ['subject', 'html', 'text'],
        ));
        if (trim($message['subject']) === '' || mb_strlen(implode('', $message)) > self::LETTERS) {
            throw Refusal::because(
                'A message has a subject, and at most :letters letters.', values: ['letters' => self::LETTERS],
            );
        }

        return ['subject' => mb_substr($message['subject'], 0, 250)] + $message;
    }

    /** @param  array<mixed>  $given */
    private static function words(array $given, string $key): string
    {
        return is_scalar($given[$key] ?? null) ? (string) $given[$key] : '';
    }
}
