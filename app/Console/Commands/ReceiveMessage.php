<?php

namespace App\Console\Commands;

use App\Models\Workspace;
use App\Tray\Tray;
use Illuminate\Console\Command;
use InkyCard\Refusal;

/** A message a mail server hands on, kept in the tray of a workspace: tests of a rollout are found among them. */
final class ReceiveMessage extends Command
{
    /** What mail servers go by (sysexits.h): the message is none; another time. */
    private const DATA = 65;

    private const LATER = 75;

    protected $signature = 'inky:receive {workspace : name of the workspace}';

    protected $description = 'Take a message from standard input into the mail tray';

    public function handle(): int
    {
        try {
            $this->take((string) $this->argument('workspace'));
        } catch (Refusal $refusal) {
            $this->components->error($refusal->getMessage());

            return self::DATA;
        } catch (\Throwable $fault) {
            report($fault);

            return self::LATER;
        }

        return self::SUCCESS;
    }

    /** @throws Refusal */
    private function take(string $name): void
    {
        $workspace = Workspace::called($name);
        $bytes = (string) file_get_contents('php://stdin', length: Tray::MOST + 1);
        // Some hand a message on with the line mailboxes part messages by.
        Tray::drop($workspace, (string) preg_replace('/^From \S[^\r\n]*\r?\n/', '', $bytes));
    }
}
