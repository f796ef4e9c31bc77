<?php

namespace App\Pictures;

use Symfony\Component\Process\Process;

/** Runs programs beside each other: most of what a small drawing takes is their start. */
final class AtOnce
{
    /** Between two looks at them, microseconds. */
    private const LOOK = 400;

    /** @param  array<Process>  $processes  each with a time of its own it may take */
    public static function run(array $processes): void
    {
        if (count($processes) === 1) {
            array_values($processes)[0]->run();

            return;
        }
        array_map(fn (Process $process) => $process->start(), $processes);
        // Looked at, each is fed and read from.
        while (($processes = array_filter($processes, fn (Process $process) => $process->isRunning())) !== []) {
            array_map(fn (Process $process) => $process->checkTimeout(), $processes);
            usleep(self::LOOK);
        }
    }
}
