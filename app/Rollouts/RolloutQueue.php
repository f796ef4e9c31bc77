<?php

namespace App\Rollouts;

use App\Jobs\SendRollout;
use App\Models\Rollout;
use Illuminate\Support\Facades\DB;

/** Messages of a rollout that are to be sent. */
final class RolloutQueue
{
    /**
     * @param  iterable<int, string>  $people  ids
     * @return int how many wait now that did not
     */
    public static function put(Rollout $rollout, string $kind, iterable $people, int $round = 1): int
    {
        $new = 0;
        $some = [];
        $put = function () use (&$some, &$new): void {
            $new += DB::table('rollout_messages')->insertOrIgnore($some);
            $some = [];
        };
        foreach ($people as $person) {
            $some[] = ['rollout_id' => $rollout->id, 'person_id' => $person, 'kind' => $kind, 'round' => $round,
                'state' => 'waits', 'at' => (string) now()];
            count($some) === 100 && $put();
        }
        $put();
        $rollout->state === Rollout::RUNNING
            || $rollout->forceFill(['state' => Rollout::RUNNING, 'words' => ''])->save();
        SendRollout::dispatch($rollout->id);

        return $new;
    }
}
