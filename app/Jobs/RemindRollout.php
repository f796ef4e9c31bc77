<?php

namespace App\Jobs;

use App\Models\Rollout;
use App\Rollouts\RolloutBoard;
use App\Rollouts\RolloutPeople;
use App\Rollouts\RolloutQueue;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use InkyCard\Time\Day;

/** Reminds those who are missing as it falls due, and looks again in a while; stops by itself after the deadline. */
final class RemindRollout implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use GoesOn, Queueable;

    /** Seconds until it is looked again. */
    private const AGAIN = 900;

    /** Seconds after which one that was lost stands in no other's way. */
    public int $uniqueFor = 3 * self::AGAIN;

    public function __construct(private readonly int $rollout)
    {
    }

    /** One at a time looks after a rollout, however often something is pressed. */
    public function uniqueId(): string
    {
        return (string) $this->rollout;
    }

    public function handle(): void
    {
        $rollout = Rollout::query()->where('id', $this->rollout)->whereIn('state', [Rollout::RUNNING, Rollout::PAUSED])
            ->first();
        if ($rollout === null) {
            return;
        }
        self::due($rollout);
        $over = now($rollout->workspace->clock())->toDateString() > $rollout->deadline;
        if (! $over && config('queue.default') !== 'sync') {
            self::dispatch($this->rollout)->delay(self::AGAIN);
        }
    }

    /** @return int how many are reminded now */
    public static function due(Rollout $rollout): int
    {
        $now = (int) now()->timestamp;
        if ($rollout->state !== Rollout::RUNNING || ! $rollout->reminders()->isOpen($now)) {
            return 0;
        }
        $rounds = self::rounds($rollout, $now);
        self::joiners($rollout);
        $sent = 0;
        foreach ($rounds as $round => $people) {
            $sent += RolloutQueue::put($rollout, 'remind', $people, $round);
        }

        return $sent;
    }

    /** @return array<int, list<string>> how often they were reminded then => people */
    private static function rounds(Rollout $rollout, int $now): array
    {
        $reminders = $rollout->reminders();
        $rounds = [];
        foreach ((new RolloutBoard($rollout))->missing()->whereNotNull('written_at')->orderBy('person_id')
            ->cursor() as $one) {
            $next = $reminders->next((int) Carbon::parse($one->written_at)->timestamp, (int) $one->reminded);
            if ($next !== null && $next <= $now) {
                $rounds[(int) $one->reminded + 1][] = (string) $one->person_id;
            }
        }

        return $rounds;
    }

    /** Whoever begins since is on it too and, once others were asked, is asked on their first day. */
    private static function joiners(Rollout $rollout): void
    {
        $began = Day::at($rollout->created_at)->iso;
        RolloutPeople::join($rollout, RolloutPeople::others($rollout)->where('first_day', '>=', $began)
            ->pluck('people.id'));
        if ($rollout->people()->whereNotNull('asked_at')->exists()) {
            $joined = (new RolloutBoard($rollout))->toAsk()->whereNotNull('first_day')
                ->where('first_day', '>=', $began)->pluck('person_id')->map(strval(...));
            $joined->isEmpty() || RolloutQueue::put($rollout, 'ask', $joined);
        }
    }
}
