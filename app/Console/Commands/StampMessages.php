<?php

namespace App\Console\Commands;

use App\Models\Workspace;
use App\Stamping\Outcome;
use App\Stamping\StampedDays;
use App\Stamping\StampedMessage;
use App\Stamping\Stamping;
use App\Stamping\StampService;
use Illuminate\Console\Command;
use InkyCard\Refusal;

/** A filter for a firm's own mail server: a message in, the same with its sender's card out. */
final class StampMessages extends Command
{
    protected $signature = 'inky:stamp
        {workspace? : name of the workspace; none for the service}
        {--serve : answer many, one after another, until it is ended}
        {--framed : with a line of outcome and length before it, as the service answers}
        {--listen= : where, such as tcp://127.0.0.1:10027; a socket under storage where nothing is said}';

    protected $description = 'Put the sender’s card into a message from standard input, or serve that';

    public function handle(Stamping $stamping, StampedDays $days, StampService $service): int
    {
        if ($this->option('serve')) {
            return $this->serve($service);
        }
        $stamped = new StampedMessage((string) stream_get_contents(STDIN), Outcome::Fault);
        try {
            $workspace = Workspace::called((string) $this->argument('workspace'));
            $stamped = $stamping->stamp($workspace, $stamped->bytes);
            $days->count($workspace, $stamped->outcome);
            $days->keep();
        } catch (\Throwable $fault) {
            // Nobody's mail waits for this: it goes on as it came.
            report($fault);
        }
        fwrite(STDOUT, ($this->option('framed') ? $stamped->framed() : $stamped->bytes));

        return self::SUCCESS;
    }

    private function serve(StampService $service): int
    {
        $socket = 'unix://'.storage_path('stamp.sock');
        $address = (string) $this->option('listen') ?: $socket;
        if (@stream_socket_client($address, timeout: 1) !== false) {
            $this->components->error("A service answers at $address already.");

            return self::FAILURE;
        }
        // One that ended without a word left its socket: nobody answers there.
        $address === $socket && @unlink(storage_path('stamp.sock'));
        $this->trap([SIGTERM, SIGINT], fn () => $service->end());
        try {
            $service->serve($address, fn () => $this->components->info("Answers at $address."));
        } catch (Refusal $refusal) {
            $this->components->error($refusal->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
