<?php

namespace App\Tray;

use App\Jobs\LookForTests;
use App\Models\Rollout;
use App\Models\Workspace;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use ZipArchive;

/** Messages kept as they came: what the application sent, and what somebody dropped in. */
final class Tray
{
    /** Bytes of one message. */
    public const MOST = 20_000_000;

    /** Messages of one archive. */
    private const EACH = 200;

    public static function keep(int $workspace, string $raw, string $origin): int
    {
        return self::enter($workspace, new MimeMessage($raw), $origin);
    }

    private static function enter(int $workspace, MimeMessage $received, string $origin): int
    {
        $id = DB::table('tray_messages')->insertGetId([
            'workspace_id' => $workspace,
            'from' => $received->from(),
            'to' => $received->to(),
            'subject' => $received->subject(),
            'origin' => $origin,
            'raw' => $received->raw,
            'received_at' => (string) now(),
        ]);
        // What the application writes itself is no test of anybody's.
        if (mb_strtolower($received->from()) !== mb_strtolower((string) config('mail.from.address'))
            && Rollout::isOnIn($workspace)) {
            DB::afterCommit(fn () => LookForTests::dispatch($workspace, [$id]));
        }

        return $id;
    }

    /**
     * Several of which it is known from whom, to whom and about what they are: they need not be read for it.
     *
     * @param  list<array{from: string, to: string, subject: string, raw: string}>  $messages
     */
    public static function fill(int $workspace, string $origin, array $messages): void
    {
        $now = (string) now();
        DB::table('tray_messages')->insert(array_map(fn (array $message): array => [
            'workspace_id' => $workspace, 'origin' => $origin, 'received_at' => $now,
            'subject' => mb_strimwidth($message['subject'], 0, 250, '…'),
        ] + $message, $messages));
    }

    public static function tooLarge(): Refusal
    {
        return Refusal::because('This file is over 20 MB: save the one message alone.');
    }

    /**
     * The messages of an archive: an mbox, or a ZIP of messages or mboxes.
     *
     * @return list<string>
     *
     * @throws Refusal
     */
    private static function parted(string $bytes): array
    {
        if (preg_match('/^From \S+/', $bytes) === 1) {
            return preg_split('/^From \S[^\r\n]*\r?\n/m', $bytes, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        }

        return str_starts_with($bytes, "PK\x03\x04") ? self::unpacked($bytes) : [$bytes];
    }

    /**
     * @return list<string>
     *
     * @throws Refusal
     */
    private static function unpacked(string $bytes): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inky');
        $zip = new ZipArchive;
        try {
            file_put_contents($path, $bytes);
            $messages = [];
            $left = self::MOST * 2;
            $zip->open($path, ZipArchive::RDONLY);
            for ($index = 0; $index < $zip->numFiles; $index++) {
                $is = $zip->statIndex($index) ?: ['name' => '/', 'size' => 0];
                $left -= $is['size'];
                if ($left < 0) {
                    throw self::tooLarge();
                }
                // Folders, and what some programs put beside: neither is a message.
                if ($is['size'] > 0 && preg_match('~(?:^|/)(?:\.|__MACOSX)~', $is['name']) !== 1) {
                    $one = (string) $zip->getFromIndex($index);
                    array_push($messages, ...(str_starts_with($one, 'PK') ? [$one] : self::parted($one)));
                }
            }

            return $messages;
        } finally {
            @unlink($path);
        }
    }

    /**
     * A message, or an archive of several (mbox, RFC 4155, or a ZIP).
     *
     * @return list<int> numbers of those kept
     *
     * @throws Refusal
     */
    public static function drop(Workspace $workspace, string $bytes): array
    {
        if (strlen($bytes) > self::MOST) {
            throw self::tooLarge();
        }
        $messages = self::parted($bytes);
        if (count($messages) > self::EACH) {
            throw Refusal::because(
                'This archive holds more than :each messages: save those you want to see.',
                values: ['each' => self::EACH],
            );
        }
        $read = [];
        foreach ($messages as $message) {
            // A message starts with headers; what does not is something else.
            $head = (string) preg_replace('/\r?\n\r?\n.*/s', '', substr($message, 0, 100_000));
            if (
                preg_match('/^[!-9;-~]+:/', $head) !== 1
                || preg_match('/^(?:from|subject|date|message-id|received|mime-version|content-type):/mi', $head) !== 1
            ) {
                throw Refusal::because(
                    'This is no saved message: save it from your mail program as .eml, and drop that in.',
                );
            }
            $read[] = MimeMessage::foreign((string) preg_replace('/^>(>*From )/m', '$1', $message));
        }

        // All of an archive or nothing.
        return DB::transaction(
            fn () => array_map(fn (MimeMessage $received) => self::enter($workspace->id, $received, 'dropped'), $read),
        );
    }

    /** @return LengthAwarePaginator<int, \stdClass> the newest first, without their bytes */
    public static function all(Workspace $workspace, int $each): LengthAwarePaginator
    {
        return DB::table('tray_messages')
            ->where('tray_messages.workspace_id', $workspace->id)
            ->leftJoin('cards', 'cards.id', 'verdict_card')
            ->select(['tray_messages.id', 'from', 'to', 'subject', 'origin', 'received_at', 'cards.name as card'])
            // Of a card that was changed since, it has to be asked again.
            ->selectRaw("iif(verdict_head is null or verdict_head = cards.head, verdict, '') as verdict")
            ->orderByDesc('tray_messages.id')
            ->paginate($each);
    }

    /** What the verifier says of a message, kept for lists. */
    public static function verify(Workspace $workspace, int $id, MimeMessage $received): ?TrayVerifier
    {
        $verification = TrayVerifier::of($workspace, $received);
        $card = $verification?->verified->verdict === 'absent' ? null : $verification?->card;
        DB::table('tray_messages')->where(['workspace_id' => $workspace->id, 'id' => $id])->update([
            'verdict' => $verification?->verified->verdict ?? 'absent', 'verdict_card' => $card?->id,
            'verdict_head' => $card?->head,
        ]);

        return $verification;
    }

    public static function find(Workspace $workspace, int $id): ?MimeMessage
    {
        $raw = DB::table('tray_messages')->where(['workspace_id' => $workspace->id, 'id' => $id])->value('raw');

        return is_string($raw) ? new MimeMessage($raw) : null;
    }
}
