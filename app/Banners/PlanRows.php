<?php

namespace App\Banners;

use Illuminate\Support\Facades\DB;
use InkyCard\Banner\Audience;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Banner\Plan;
use InkyCard\Time\Clock;

/** The windows of a workspace as they are kept. */
final class PlanRows
{
    /** A plan is looked at as far as that, seconds: two years. */
    public const AHEAD = 63_072_000;

    /**
     * Those of banners that are out and not removed.
     *
     * @param  int  $from  seconds since 1970 (UTC): what was over before is left out
     * @return list<PlaceWindow>
     */
    public static function windows(int $workspace, int $from): array
    {
        return array_values(DB::table('place_windows')->join('banners', 'banners.id', 'banner_id')
            ->where('place_windows.workspace_id', $workspace)->whereNull('place_windows.removed_at')
            ->whereNull('banners.removed_at')->whereNotNull('banners.put')->where('ends', '>', $from)
            ->orderBy('place_windows.id')
            ->get(['place_windows.id', 'banner_id', 'begins', 'ends', 'audience', 'priority', 'share',
                'by_days'])
            ->map(self::window(...))->all());
    }

    public static function plan(int $workspace, int $from): Plan
    {
        return new Plan(self::windows($workspace, $from), self::zone($workspace));
    }

    private static function zone(int $workspace): string
    {
        $row = DB::table('workspaces')->where('id', $workspace)->first(['zone', 'country']);

        return (string) ($row?->zone ?: Clock::zoneOf((string) $row?->country));
    }

    public static function window(\stdClass $row): PlaceWindow
    {
        return new PlaceWindow(
            (string) $row->id, (string) $row->banner_id, (int) $row->begins, (int) $row->ends,
            self::audience((string) $row->audience), (int) $row->priority, (int) $row->share,
            (bool) $row->by_days,
        );
    }

    public static function audience(string $json): Audience
    {
        /** @var array{labels?: list<string>, cards?: list<int>} $given */
        $given = (array) json_decode($json, true);

        return match (true) {
            ($given['labels'] ?? []) !== [] => Audience::labels($given['labels']),
            ($given['cards'] ?? []) !== [] => Audience::cards($given['cards']),
            default => Audience::everyone(),
        };
    }

    public static function json(Audience $audience): string
    {
        return (string) json_encode(array_filter(['labels' => $audience->labels, 'cards' => $audience->cards]));
    }

    /** @return array<int, list<string>> labels of the cards of a workspace that are in use: number => labels */
    public static function cards(int $workspace): array
    {
        $cards = array_fill_keys(
            DB::table('cards')->where('workspace_id', $workspace)->whereNull('archived_at')->orderBy('id')
                ->pluck('id')->all(), [],
        );
        foreach (DB::table('card_labels')->join('cards', 'cards.id', 'card_id')->where('workspace_id', $workspace)
            ->whereNull('archived_at')->orderBy('label')->get(['card_id', 'label']) as $row) {
            $cards[(int) $row->card_id][] = $row->label;
        }

        return $cards;
    }
}
