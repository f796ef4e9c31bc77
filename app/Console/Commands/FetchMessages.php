<?php

namespace App\Console\Commands;

use App\Models\Workspace;
use App\Tray\ImapMailbox;
use Illuminate\Console\Command;
use InkyCard\Refusal;

/** What came into a mailbox of the firm's, taken into the mail tray of a workspace: tests are found among them. */
final class FetchMessages extends Command
{
    protected $signature = 'inky:fetch
        {workspace : name of the workspace}
        {--every= : look again after so many seconds, until it is ended}';

    protected $description = 'Take what came into a mailbox (IMAP) into the mail tray';

    public function handle(): int
    {
        $every = (int) $this->option('every');
        $goes = true;
        $this->trap([SIGTERM, SIGINT], function () use (&$goes): void {
            $goes = false;
        });
        do {
            $done = $this->look();
            // A server that is away for a while is looked for again.
            for ($waits = $every; $goes && $waits > 0; $waits--) {
                sleep(1);
            }
        } while ($every > 0 && $goes);

        return $done ? self::SUCCESS : self::FAILURE;
    }

    private function look(): bool
    {
        try {
            $workspace = Workspace::called((string) $this->argument('workspace'));
            $mailbox = ImapMailbox::open((array) config('inky.imap'));
            try {
                [$taken, $left] = $mailbox->take($workspace);
            } finally {
                $mailbox->close();
            }
        } catch (Refusal $refusal) {
            $this->components->error($refusal->getMessage());

            return false;
        }
        $this->components->info("$taken taken".($left > 0 ? ", $left left: too large, or no messages" : '').'.');

        return true;
    }
}
