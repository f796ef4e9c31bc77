<?php

namespace App\Jobs;

use App\Keeping\Ending;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\Library;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/**
 * Takes away what guests did not come back for, and what was closed, with its pictures. Of one whose links and places
 * are to go on answering, what they need stays, and nobody sees it.
 */
final class SweepWorkspaces implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds in which another is not needed. */
    public int $uniqueFor = 600;

    /** What links and banner places need nothing of. */
    private const GONE = [
        'memberships', 'invitations', 'tray_messages', 'outgoing_messages', 'recipients', 'left_alone', 'letters',
        'footers', 'campaigns', 'ready_messages', 'house_notes', 'quotations', 'log_entries', 'rollouts',
        'staff_imports',
        'person_pages', 'person_addresses', 'staff_groups', 'houses', 'errands',
    ];

    /** At once: what is left goes next time. */
    private const EACH = 200;

    public function handle(): void
    {
        $over = Workspace::query()->where('guest_until', '<', now())->orWhere('closes_at', '<', now());
        foreach ($over->limit(self::EACH)->get() as $workspace) {
            if ($workspace->answers && ! $workspace->isGuests()) {
                self::emptied($workspace);

                continue;
            }
            $pictures = $workspace->pictures()->get(['hash', 'extension']);
            $guests = $workspace->members()->get()->filter(fn (User $user) => $user->isGuest());
            Ending::workspace($workspace);
            $guests->each(fn (User $guest) => Ending::user($guest));
            $kept = DB::table('pictures')->whereIn('hash', $pictures->pluck('hash'))->pluck('hash')->flip();
            foreach ($pictures as $picture) {
                isset($kept[$picture->hash])
                    || Library::disk()->delete(Library::path($picture->hash, $picture->extension));
            }
        }
    }

    private static function emptied(Workspace $workspace): void
    {
        DB::transaction(function () use ($workspace): void {
            foreach (self::GONE as $table) {
                DB::table($table)->where('workspace_id', $workspace->id)->delete();
            }
            $workspace->forceFill(['closes_at' => null])->save();
        });
    }
}
