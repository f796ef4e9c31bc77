<?php

namespace App\Clicks;

use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Takes clicks away, in bites: nobody who writes meanwhile waits for more than one. */
final class Forgetting
{
    private const BITE = 2_000;

    /** Microseconds between one bite and the next. */
    private const REST = 20_000;

    /** What is older than the workspace wants kept. @return int how many */
    public static function old(Workspace $workspace): int
    {
        $gone = 0;
        foreach (['keep_clicks' => false, 'keep_requests' => true] as $column => $machines) {
            $days = (int) $workspace->$column;
            if ($days > 0) {
                $gone += self::all($workspace, now()->subDays($days)->startOfDay(), $machines);
            }
        }

        return $gone;
    }

    /**
     * @param  ?Carbon  $before  null for all
     * @param  ?bool  $machines  requests of programs alone, clicks of people alone; null for both
     */
    public static function all(Workspace $workspace, ?Carbon $before = null, ?bool $machines = null): int
    {
        $links = DB::table('tracked_links')->join('cards', 'cards.id', 'card_id')
            ->where('workspace_id', $workspace->id)->select('tracked_links.id');
        $gone = 0;
        do {
            $bite = DB::table('clicks')->whereIn('id', DB::table('clicks')->whereIn('tracked_link_id', $links)
                ->when($before !== null, fn (Builder $clicks) => $clicks->where('at', '<', (string) $before))
                ->when($machines !== null, fn (Builder $clicks) => $machines ? $clicks->whereNotNull('filtered')
                    : $clicks->whereNull('filtered'))->select('id')->limit(self::BITE))->delete();
            $gone += $bite;
            $bite > 0 && usleep(self::REST);
        } while ($bite === self::BITE);

        return $gone;
    }
}
