<?php

namespace App\Jobs;

use App\Models\User;
use App\Models\Workspace;
use App\Pictures\Library;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Takes away what guests did not come back for, with its pictures. */
final class SweepGuests implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds in which another is not needed. */
    public int $uniqueFor = 600;

    /** At once: what is left goes next time. */
    private const EACH = 200;

    public function handle(): void
    {
        foreach (Workspace::query()->where('guest_until', '<', now())->limit(self::EACH)->get() as $workspace) {
            $pictures = $workspace->pictures()->get(['hash', 'extension']);
            DB::transaction(function () use ($workspace): void {
                $workspace->members()->get()->each(fn (User $user) => $user->isGuest() && $user->delete());
                $workspace->delete();
            });
            $kept = DB::table('pictures')->whereIn('hash', $pictures->pluck('hash'))->pluck('hash')->flip();
            foreach ($pictures as $picture) {
                isset($kept[$picture->hash])
                    || Library::disk()->delete(Library::path($picture->hash, $picture->extension));
            }
        }
    }
}
