<?php

namespace App\Jobs;

use App\Clicks\Forgetting;
use App\Models\Workspace;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Takes away clicks that are older than their workspaces want kept, once a day. */
final class ForgetClicks implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const DAY = 86_400;

    public int $uniqueFor = self::DAY;

    public function handle(): void
    {
        $bounded = Workspace::query()->where('keep_clicks', '>', 0)->orWhere('keep_requests', '>', 0)->get();
        $bounded->each(Forgetting::old(...));
        if ($bounded->isNotEmpty()) {
            self::dispatch()->delay(self::DAY);
        }
    }
}
