<?php

namespace App\Jobs;

use App\Models\Workspace;
use App\Rollouts\RolloutTests;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks whether messages of the tray are tests of a rollout. */
final class LookForTests implements ShouldQueue
{
    use GoesOn, Queueable;

    /** @param  list<int>  $messages */
    public function __construct(private readonly int $workspace, private readonly array $messages)
    {
    }

    public function handle(): void
    {
        $workspace = Workspace::query()->where('id', $this->workspace)->first();
        if ($workspace !== null) {
            array_map(fn (int $message) => RolloutTests::look($workspace, $message), $this->messages);
        }
    }
}
