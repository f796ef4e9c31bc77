<?php

namespace App\Handover;

use Illuminate\Support\Facades\DB;
use InkyCard\Handover\Destination;
use InkyCard\Handover\HouseNote;

/** What workspaces add to directions: for one destination, or for all that have nothing of their own. */
final class HouseNotes
{
    private const ALL = '*';

    public static function of(int $workspace, Destination $to): HouseNote
    {
        $row = DB::table('house_notes')
            ->where('workspace_id', $workspace)
            ->whereIn('destination', [$to->key, self::ALL])
            ->orderByDesc('destination')
            ->first(['film', 'note']);

        return $row === null ? HouseNote::none() : HouseNote::of($row->film, $row->note);
    }

    /** @param  bool  $all  for every destination: those that had one of their own take this one too */
    public static function put(int $workspace, Destination $to, HouseNote $note, bool $all): void
    {
        DB::transaction(function () use ($workspace, $to, $note, $all) {
            if ($all) {
                DB::table('house_notes')->where('workspace_id', $workspace)->delete();
            }
            DB::table('house_notes')->updateOrInsert(
                ['workspace_id' => $workspace, 'destination' => $all ? self::ALL : $to->key],
                ['film' => $note->film, 'note' => $note->note],
            );
        });
    }
}
