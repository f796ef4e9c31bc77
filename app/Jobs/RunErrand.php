<?php

namespace App\Jobs;

use App\Errands\Works;
use App\Models\Errand;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use InkyCard\Refusal;
use InkyCard\Said;

/** Does an errand; takes one up again whose worker ended. */
final class RunErrand implements ShouldQueue
{
    use GoesOn, Queueable;

    /** Seconds until it is looked again, while another is at it. */
    private const LATER = 30;

    public function __construct(private readonly int $errand)
    {
    }

    public function handle(): void
    {
        $errand = Errand::query()->find($this->errand);
        if ($errand === null || ! $errand->isOnItsWay()) {
            return;
        }
        if ($errand->isAlive()) {
            $this->release(self::LATER);

            return;
        }
        self::do($errand);
    }

    private static function do(Errand $errand): void
    {
        $errand->reached(0, 0);
        try {
            app(Works::of($errand->kind))->do($errand);
        } catch (Refusal $refusal) {
            $errand->refresh()->refuse($refusal->said);
        } catch (\Throwable $fault) {
            report($fault);
            $errand->refresh()->refuse(Said::of('It could not be done: whoever runs this copy finds why in its log.'));
        }
    }
}
