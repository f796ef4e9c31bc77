<?php

namespace App\Tray;

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

    public static function send(Workspace $workspace, Email $email, string $from, string $to): void
    {
        $transport = Mail::getSymfonyTransport();
        if ($transport instanceof TrayTransport) {
            $transport->of($workspace->id)->send($email);

            return;
        }
        $id = DB::table('outgoing_messages')->insertGetId([
            'workspace_id' => $workspace->id, 'from' => $from, 'to' => $to,
            'subject' => mb_strimwidth((string) $email->getSubject(), 0, 250, '…'), 'raw' => $email->toString(),
            'state' => 'waiting', 'created_at' => (string) now(),
        ]);
        SendMessage::dispatch($id);
    }

    /** @return Collection<int, \stdClass> the newest first */
    public static function latest(Workspace $workspace): Collection
    {
        return DB::table('outgoing_messages')->where('workspace_id', $workspace->id)->orderByDesc('id')
            ->limit(self::SHOWN)->get(['id', 'to', 'subject', 'state', 'words', 'created_at']);
    }
}
