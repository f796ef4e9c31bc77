<?php

namespace App\Jobs;

use App\Models\BulkChange;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Goes on with a change of many cards, or with taking it back, for a while; then another of these does. */
final class MakeBulkChange implements ShouldQueue
{
    use GoesOn, Queueable;

    /** Seconds: well before the queue takes its worker for dead and gives it to another. */
    private const SECONDS = 10;

    public function __construct(private readonly int $change)
    {
    }

    public function handle(): void
    {
        $change = BulkChange::query()->find($this->change);
        if ($change !== null && ! $change->goOn(microtime(true) + self::SECONDS)) {
            self::dispatch($this->change);
        }
    }
}
