<?php

namespace App\Jobs;

use App\House\PersonalCards;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Makes the cards of people whose profile or groups changed what they are by now. */
final class FollowPeople implements ShouldQueue
{
    use GoesOn, Queueable;

    /** People whose cards follow at once; more do beside the pages, so many a job. */
    private const AT_ONCE = 5;

    private const EACH = 50;

    /** @param  list<string>  $people  ids */
    public function __construct(
        private readonly int $workspace, private readonly array $people, private readonly ?int $user,
    ) {
    }

    /** @param  list<string>  $people  ids */
    public static function of(Workspace $workspace, array $people, ?User $user): void
    {
        if (count($people) <= self::AT_ONCE) {
            PersonalCards::follow($workspace, $people, $user);

            return;
        }
        foreach (array_chunk($people, self::EACH) as $some) {
            self::dispatch($workspace->id, $some, $user?->id);
        }
    }

    public function handle(): void
    {
        $workspace = Workspace::query()->where('id', $this->workspace)->first();
        $workspace === null || PersonalCards::follow(
            $workspace, $this->people, User::query()->where('id', $this->user)->first(),
        );
    }
}
