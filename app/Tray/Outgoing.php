<?php

namespace App\Tray;

use App\Auth\GuestRoom;
use App\Jobs\SendMessage;
use App\Models\Workspace;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mime\Email;

/**
 * Messages that leave: into the tray at once, where that is what mail goes to; into the world beside the page, which
 * does not wait for a mail server, and shows what became of them in its words.
 */
final class Outgoing
{
    /** Those shown. */
    private const SHOWN = 10;

    /**
     * @param  list<string>  $to  addresses; what becomes of it is kept of each
     * @param  bool  $isOurs  the application writes it, and no member
     */
    public static function send(Workspace $workspace, Email $email, string $from, array $to, bool $isOurs = false): void
    {
        $transport = Mail::getSymfonyTransport();
        if ($transport instanceof TrayTransport) {
            $transport->of($workspace->id)->send($email);

            return;
        }
        $isOurs || GuestRoom::mustNotSend($workspace);
        $raw = $email->toString();
        foreach ($to as $address) {
            SendMessage::dispatch(DB::table('outgoing_messages')->insertGetId([
                'workspace_id' => $workspace->id, 'from' => $from, 'to' => $address,
                'subject' => mb_strimwidth((string) $email->getSubject(), 0, 250, '…'), 'raw' => $raw,
                'state' => 'waiting', 'created_at' => (string) now(),
            ]));
        }
    }

    /** Gives one the mail server refused to it once more. */
    public static function again(Workspace $workspace, int $id): void
    {
        $waits = DB::table('outgoing_messages')
            ->where(['id' => $id, 'workspace_id' => $workspace->id, 'state' => 'refused'])
            ->update(['state' => 'waiting', 'words' => '']);
        if ($waits > 0) {
            SendMessage::dispatch($id);
        }
    }

    /** @return Collection<int, \stdClass> the newest first */
    public static function latest(Workspace $workspace): Collection
    {
        return DB::table('outgoing_messages')->where('workspace_id', $workspace->id)->orderByDesc('id')
            ->limit(self::SHOWN)->get(['id', 'to', 'subject', 'state', 'words', 'created_at']);
    }
}
