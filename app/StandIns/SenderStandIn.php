<?php

namespace App\StandIns;

use App\Clicks\Token;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Footer\TokenStyle;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/**
 * A stand-in for a sending system: takes campaigns with their recipients, sends their messages to the mail tray when
 * they are due, with a clock that can be set forward, and says what became of them. Its interface (JSON over HTTP, a
 * bearer token) is described in docs/formats.md.
 */
final class SenderStandIn
{
    public const HOST = 'sender.quillfern.example';

    /** Recipients and messages of a campaign, letters of a message. */
    private const RECIPIENTS = 20_000;

    private const MESSAGES = 60;

    private const LETTERS = 200_000;

    /** What an account of it is asked in. */
    public static function token(int $account): string
    {
        return Token::signature("sender.$account").".$account";
    }

    /**
     * @param  string  $path  below its address
     * @param  ?string  $body  JSON, posted; null asks alone
     * @return array{int, array<string, mixed>} status, body
     */
    public static function answer(string $path, string $authorization, ?string $body): array
    {
        $account = preg_match('/^Bearer ([\w-]{10})\.(\d{1,15})$/D', $authorization, $part) === 1
            && Token::holds($part[1], "sender.$part[2]") ? (int) $part[2] : null;
        if ($account === null) {
            return self::fault(401, 'No token of an account.');
        }
        $given = $body === null ? null : json_decode($body, true, 32);
        try {
            return match (true) {
                $given !== null && ! is_array($given) => self::fault(400, 'The body is a JSON object.'),
                $path === 'v1/campaigns' && $given !== null => [201, self::start($account, $given)],
                $path === 'v1/clock' && $given !== null => [200, self::forward($account, $given)],
                default => self::campaign($account, $path, $given),
            };
        } catch (Refusal $refusal) {
            return self::fault(422, $refusal->getMessage());
        }
    }

    /**
     * @param  array<mixed>|null  $given
     * @return array{int, array<string, mixed>}
     */
    private static function campaign(int $account, string $path, ?array $given): array
    {
        if (preg_match('~^v1/campaigns/(\d{1,15})(?:/(stop|messages/(\d{1,3})))?$~D', $path, $at) !== 1) {
            return self::fault(404, 'There is nothing here.');
        }
        [$id, $what, $position] = [(int) $at[1], $at[2] ?? '', (int) ($at[3] ?? -1)];
        $row = DB::table('sender_campaigns')->where(['id' => $id, 'account' => $account])->first();
        if ($row === null) {
            return self::fault(404, 'There is no such campaign.');
        }
        if ($what === 'stop' && $given !== null) {
            $row->stopped_at = (string) now();
            DB::table('sender_campaigns')->where('id', $id)->update(['stopped_at' => $row->stopped_at]);
        } elseif ($what !== '' && $given !== null) {
            $put = DB::table('sender_messages')->where(['campaign_id' => $id, 'position' => $position])
                ->whereNull('sent_at')->update(self::message($given));

            return $put === 0 ? self::fault(409, 'It was sent already, or was never there.') : [200, self::state($row)];
        }

        return [200, self::state($row)];
    }

    /**
     * @param  array<mixed>  $given
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private static function start(int $account, array $given): array
    {
        $from = MailAddress::parse($given['from'] ?? '')->address;
        $style = TokenStyle::of($given['style'] ?? 'double-braces');
        $messages = array_values(is_array($given['messages'] ?? null) ? $given['messages'] : []);
        $recipients = array_values(is_array($given['recipients'] ?? null) ? $given['recipients'] : []);
        if ($messages === [] || count($messages) > self::MESSAGES || count($recipients) > self::RECIPIENTS) {
            throw Refusal::because('A campaign has 1 to '.self::MESSAGES.' messages and at most '.self::RECIPIENTS
                .' recipients.');
        }

        return DB::transaction(function () use ($account, $given, $from, $style, $messages, $recipients): array {
            $id = (int) DB::table('sender_campaigns')->insertGetId([
                'account' => $account, 'name' => mb_substr(self::words($given, 'name'), 0, 160), 'from' => $from,
                'style' => json_encode($style->toDocument(), JSON_THROW_ON_ERROR),
                'starts' => Day::parse($given['starts'] ?? '')->iso,
            ]);
            foreach ($messages as $position => $message) {
                $message = is_array($message) ? $message : [];
                DB::table('sender_messages')->insert(['campaign_id' => $id, 'position' => $position,
                    'after_days' => max(0, min(999, (int) self::words($message, 'after_days')))]
                    + self::message($message));
            }
            foreach (array_chunk($recipients, 300) as $some) {
                DB::table('sender_recipients')->insertOrIgnore(array_map(
                    fn (mixed $one): array => self::recipient($id, is_array($one) ? $one : []), $some,
                ));
            }

            return self::state((object) ['id' => $id, 'stopped_at' => null]);
        });
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
            throw Refusal::because('A message has a subject, and at most '.self::LETTERS.' letters.');
        }

        return ['subject' => mb_substr($message['subject'], 0, 250)] + $message;
    }

    /** @param  array<mixed>  $given */
    private static function words(array $given, string $key): string
    {
        return is_scalar($given[$key] ?? null) ? (string) $given[$key] : '';
    }

    /** @return array<string, mixed> what became of it */
    private static function state(\stdClass $campaign): array
    {
        $sent = DB::table('sender_sends')->join('sender_messages', 'sender_messages.id', 'message_id')
            ->where('campaign_id', $campaign->id)->groupBy('message_id')->selectRaw('message_id, count(*) as sent')
            ->pluck('sent', 'message_id');
        $of = fn (string $column): array => DB::table('sender_recipients')->where('campaign_id', $campaign->id)
            ->whereNotNull($column)->orderBy('id')->pluck('address')->all();

        return [
            'id' => (string) $campaign->id, 'stopped' => $campaign->stopped_at !== null,
            'messages' => DB::table('sender_messages')->where('campaign_id', $campaign->id)->orderBy('position')->get()
                ->map(fn (\stdClass $row): array => [
                    'position' => (int) $row->position, 'subject' => $row->subject, 'sent_at' => $row->sent_at,
                    'sent' => (int) ($sent[$row->id] ?? 0),
                ])->all(),
            'left' => $of('left_at'), 'bounced' => $of('bounced_at'),
        ];
    }

    /**
     * @param  array<mixed>  $given
     * @return array<string, mixed>
     */
    private static function forward(int $account, array $given): array
    {
        $days = max(0, min(400, (int) self::words($given, 'days')));
        $known = (int) DB::table('sender_clocks')->where('account', $account)->value('days');
        DB::table('sender_clocks')->updateOrInsert(['account' => $account], ['days' => $known + $days]);
        SendDue::dispatch($account);

        return ['today' => SendDue::today($account)->iso];
    }

    /** @return array{int, array<string, mixed>} RFC 9457 */
    private static function fault(int $status, string $detail): array
    {
        return [$status, ['type' => 'about:blank', 'status' => $status, 'detail' => $detail]];
    }
}
