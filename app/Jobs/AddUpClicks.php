<?php

namespace App\Jobs;

use App\Clicks\Sums;
use App\Models\Workspace;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Adds up what was clicked on days that are over, where that takes longer than a page has. */
final class AddUpClicks implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds after which another may be asked for, whatever became of this one. */
    public int $uniqueFor = 600;

    public function __construct(private readonly int $workspace)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->workspace;
    }

    public function handle(): void
    {
        (new Sums(Workspace::query()->findOrFail($this->workspace)))->addUp();
    }
}
