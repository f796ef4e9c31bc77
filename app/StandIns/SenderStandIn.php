<?php

namespace App\StandIns;

use App\Clicks\Token;
use App\Mailings\Mailings;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;

/**
 * A stand-in for a sending system: takes campaigns with their recipients, sends their messages to the mail tray when
 * they are due, with a clock that can be set forward, and says what became of them. Its interface (JSON over HTTP, a
 * bearer token) is described in docs/formats.md.
 */
final class SenderStandIn
{
    public const HOST = 'sender.quillfern.example';

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
        $mailings = Mailings::ofStandIn($account);
        try {
            return match (true) {
                $given !== null && ! is_array($given) => self::fault(400, 'The body is a JSON object.'),
                $path === 'v1/campaigns' && $given !== null => [201, $mailings->state($mailings->start($given))],
                $path === 'v1/clock' && $given !== null => [200, self::forward($account, $given)],
                default => self::campaign($mailings, $path, $given),
            };
        } catch (Refusal $refusal) {
            return self::fault(422, $refusal->getMessage());
        }
    }

    /**
     * @param  array<mixed>|null  $given
     * @return array{int, array<string, mixed>}
     *
     * @throws Refusal
     */
    private static function campaign(Mailings $mailings, string $path, ?array $given): array
    {
        if (preg_match('~^v1/campaigns/(\d{1,15})(?:/(stop|resume|messages/(\d{1,3})))?$~D', $path, $at) !== 1) {
            return self::fault(404, 'There is nothing here.');
        }
        [$id, $what, $position] = [(int) $at[1], $at[2] ?? '', (int) ($at[3] ?? -1)];
        if (! $mailings->holds($id)) {
            return self::fault(404, 'There is no such campaign.');
        }
        if ($given !== null && ($what === 'stop' || $what === 'resume')) {
            $mailings->stop($id, $what === 'stop');
        } elseif ($given !== null && $what !== '' && ! $mailings->replace($id, $position, $given)) {
            return self::fault(409, 'It was sent already, or was never there.');
        }

        return [200, $mailings->state($id)];
    }

    /**
     * @param  array<mixed>  $given
     * @return array<string, mixed>
     */
    private static function forward(int $account, array $given): array
    {
        $days = max(0, min(400, is_numeric($given['days'] ?? null) ? (int) $given['days'] : 0));
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
