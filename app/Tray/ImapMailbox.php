<?php

namespace App\Tray;

use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use IMAP\Connection;
use InkyCard\Refusal;

/** A mailbox read over IMAP (RFC 3501) into the tray. Nothing of it is changed, not even what is unread. */
final class ImapMailbox
{
    /** Seconds the server has to answer. */
    private const PATIENCE = 15;

    /** Days back the first time: what is older was no test of ours. */
    private const BACK = 7;

    /** Messages of one look. */
    private const EACH = 200;

    private const WAYS = ['ssl' => '/ssl', 'starttls' => '/tls', 'none' => '/notls'];

    private function __construct(private readonly Connection $connection, private readonly string $name)
    {
    }

    /**
     * @param  array<string, mixed>  $said  `host`, `port`, `username`, `password`, `folder`, `security` (ssl, starttls
     *     or none)
     *
     * @throws Refusal where it cannot be opened
     */
    public static function open(array $said): self
    {
        if (! function_exists('imap_open')) {
            throw Refusal::because('PHP’s imap extension is not here: on Debian, the package php8.2-imap.');
        }
        $said = array_map(fn (mixed $value): string => is_scalar($value) ? (string) $value : '', $said);
        $name = self::name($said);
        foreach ([IMAP_OPENTIMEOUT, IMAP_READTIMEOUT, IMAP_WRITETIMEOUT, IMAP_CLOSETIMEOUT] as $kind) {
            imap_timeout($kind, self::PATIENCE);
        }
        $connection = @imap_open($name, $said['username'], $said['password'], OP_READONLY, 1);
        $errors = imap_errors() ?: [];
        imap_alerts();
        if ($connection === false) {
            throw Refusal::because(
                'The mailbox could not be opened: :says.', values: ['says' => rtrim((string) ($errors[0] ?? ''), '.')],
            );
        }

        return new self($connection, $name);
    }

    /**
     * @param  array<string, string>  $said
     *
     * @throws Refusal
     */
    private static function name(array $said): string
    {
        $way = self::WAYS[$said['security']] ?? null;
        if (preg_match('/^[\w.:-]+$/D', $said['host']) !== 1 || ! ctype_digit($said['port']) || $way === null) {
            throw Refusal::because(
                'IMAP_HOST, IMAP_PORT and IMAP_SECURITY (ssl, starttls or none) say no mail server.',
            );
        }

        return "{{$said['host']}:{$said['port']}/imap$way}$said[folder]";
    }

    /**
     * Takes what came since the last look into the tray.
     *
     * @return array{int, int} messages taken, and left as they were none that could be read
     *
     * @throws Refusal
     */
    public function take(Workspace $workspace): array
    {
        $at = ['workspace_id' => $workspace->id, 'mailbox' => hash('sha256', $this->name)];
        $status = imap_status($this->connection, $this->name, SA_UIDVALIDITY)
            ?: throw Refusal::because('The mailbox is not there.');
        $read = DB::table('imap_mailboxes')->where($at)->first();
        // Numbers of another validity say nothing about these.
        $since = (int) $read?->validity === (int) $status->uidvalidity ? (int) $read?->uid : null;
        $taken = $left = 0;
        foreach ($this->newer($since) as $uid) {
            DB::transaction(function () use ($workspace, $at, $status, $uid, &$taken, &$left): void {
                try {
                    Tray::drop($workspace, $this->message($uid));
                    $taken++;
                } catch (Refusal) {
                    $left++;
                }
                // One with the note that it was read: none comes twice.
                DB::table('imap_mailboxes')->updateOrInsert($at, ['validity' => $status->uidvalidity, 'uid' => $uid]);
            });
        }

        return [$taken, $left];
    }

    /** @return list<int> unique identifiers, the oldest first */
    private function newer(?int $since): array
    {
        // `*` is the newest, whatever its number (RFC 3501, 9: seq-number).
        $asked = $since === null ? 'SINCE "'.now()->subDays(self::BACK)->format('j-M-Y').'"' : null;
        $uids = $asked === null
            ? array_column(imap_fetch_overview($this->connection, ($since + 1).':*', FT_UID) ?: [], 'uid')
            : (imap_search($this->connection, $asked, SE_UID) ?: []);
        $uids = array_filter(array_map(intval(...), $uids), fn (int $uid): bool => $uid > (int) $since);
        sort($uids);

        return array_slice($uids, 0, self::EACH);
    }

    /** @throws Refusal */
    private function message(int $uid): string
    {
        $size = (int) (imap_fetch_overview($this->connection, (string) $uid, FT_UID)[0]->size ?? 0);
        if ($size > Tray::MOST) {
            throw Tray::tooLarge();
        }

        return imap_fetchheader($this->connection, $uid, FT_UID).imap_body($this->connection, $uid, FT_UID | FT_PEEK);
    }

    public function close(): void
    {
        imap_close($this->connection);
        // What was said meanwhile would be printed at the end.
        imap_errors();
        imap_alerts();
    }
}
