<?php

namespace App\Rollouts;

use App\Jobs\SendRollout;
use App\Models\Rollout;
use Illuminate\Support\Facades\DB;

/** Messages of a rollout that are to be sent. */
final class RolloutQueue
{
    private const EACH = 100;

    /**
     * @param  iterable<int, string>  $people  ids
     * @return int how many wait now that did not
     */
    public static function put(Rollout $rollout, string $kind, iterable $people, int $round = 1): int
    {
        $new = 0;
        foreach (collect($people)->chunk(self::EACH) as $some) {
            $new += DB::table('rollout_messages')->insertOrIgnore($some->map(fn (string $person): array => [
                'rollout_id' => $rollout->id, 'person_id' => $person, 'kind' => $kind, 'round' => $round,
                'state' => 'waits', 'at' => (string) now(),
            ])->values()->all());
        }
        $rollout->state === Rollout::RUNNING
            || $rollout->forceFill(['state' => Rollout::RUNNING, 'words' => ''])->save();
        SendRollout::dispatch($rollout->id);

        return $new;
    }
}
