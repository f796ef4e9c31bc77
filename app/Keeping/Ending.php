<?php

namespace App\Keeping;

use App\Clicks\Forgetting;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;

/** Takes a workspace or a member out of the database, with all that hangs on them. */
final class Ending
{
    /** Tables of a workspace that do not go with it by themselves. */
    private const OWN = ['tray_messages', 'ready_messages', 'house_notes', 'people'];

    public static function workspace(Workspace $workspace): void
    {
        // Of these there may be a million: bite by bite, so that nobody waits for all of them.
        Forgetting::all($workspace);
        DB::transaction(function () use ($workspace): void {
            $cards = DB::table('cards')->where('workspace_id', $workspace->id)->select('id');
            $links = DB::table('tracked_links')->whereIn('card_id', $cards)->select('id');
            DB::table('clicks')->whereIn('tracked_link_id', $links)->delete();
            DB::table('tracked_links')->whereIn('card_id', $cards)->delete();
            DB::table('proof_walks')->whereIn('card_id', $cards)->delete();
            DB::table('cards')->where('workspace_id', $workspace->id)->delete();
            foreach (self::OWN as $table) {
                DB::table($table)->where('workspace_id', $workspace->id)->delete();
            }
            $workspace->delete();
        });
    }

    /** What they looked over is another's then, or nobody's. */
    public static function user(User $user, ?User $heir = null): void
    {
        DB::table('proof_walks')->where('user_id', $user->id)->update(['user_id' => $heir?->id]);
        $user->delete();
    }
}
