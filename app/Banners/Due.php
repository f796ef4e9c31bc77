<?php

namespace App\Banners;

use App\Feeds\FeedState;
use App\Feeds\PostPress;
use App\Pictures\Variant;
use App\Roster\Leaver;
use Illuminate\Support\Facades\DB;
use InkyCard\Compose\PostPicture;

/** Finds what hosted places show. */
final class Due
{
    /**
     * @param  string  $place  see PlacePicture
     * @return ?DueBanner null for a place never given out
     */
    public static function at(string $place, int $moment): ?DueBanner
    {
        [$card, $piece] = explode('/', $place.'/');
        $row = DB::table('places')->leftJoin('cards', 'cards.id', 'card_id')
            ->leftJoin('people', 'people.id', 'person_id')
            ->where(['card_id' => (int) $card, 'piece' => $piece])->first(['places.*', 'last_day']);
        if ($row === null) {
            return null;
        }
        $goes = $row->last_day === null ? null
            : Leaver::of((string) $row->last_day, (int) $row->workspace_id, DB::connection())?->goes();
        if ($goes !== null && $moment >= $goes) {
            return new DueBanner(null, null, true, null, '', null, $moment + PlanRows::AHEAD);
        }
        $due = $row->feed_id !== null ? self::post((int) $row->feed_id, (string) $row->look, $moment)
            : self::planned($row, $moment);

        return $goes === null ? $due : $due->until($goes);
    }

    private static function planned(\stdClass $row, int $moment): DueBanner
    {
        $card = (int) $row->card_id;
        $workspace = (int) $row->workspace_id;
        $labels = array_values(array_map(strval(...), DB::table('card_labels')->where('card_id', $card)
            ->orderBy('label')->pluck('label')->all()));
        $plan = PlanRows::plan($workspace, $moment);
        $window = $plan->at($moment, $card, $labels);
        $banner = $window !== null ? (int) $window->banner : ($row->gap === 'collapse' ? null
            : DB::table('workspaces')->where('id', $workspace)->value('evergreen_id'));

        return self::shown(
            $banner === null ? null : (int) $banner, "{$row->width}x$row->height",
            $window === null ? null : (int) $window->id, $plan->holds($moment, $card, $labels, PlanRows::AHEAD),
        );
    }

    /** The newest entry of a feed, until that is asked again. */
    private static function post(int $feed, string $look, int $moment): DueBanner
    {
        $row = DB::table('feeds')->where('id', $feed)->first();
        $state = $row === null ? null : FeedState::of($row);
        /** @var array<string, mixed> $look */
        $look = json_decode($look, true);
        $file = $state === null ? null : app(PostPress::class)->file(PostPicture::restore($look), $state);

        return new DueBanner(
            null, $file, true, $state?->newest()['address'] ?? null, $state?->newest()['title'] ?? '', null,
            max($moment, $state?->next?->getTimestamp() ?? 0),
        );
    }

    private static function shown(?int $banner, string $size, ?int $window, int $until): DueBanner
    {
        $row = $banner === null ? null : DB::table('banners')->where('id', $banner)->whereNull('removed_at')
            ->whereNotNull('put')->first(['put', 'print']);
        if ($row === null) {
            return new DueBanner(null, null, true, null, '', $window, $until);
        }
        /** @var array{address: ?string, headline: string, alt: string, width: int, height: int} $put */
        $put = json_decode((string) $row->put, true);
        /** @var array<string, array<string, mixed>> $prints */
        $prints = json_decode((string) $row->print, true);
        $print = $prints[$size] ?? $prints["{$put['width']}x{$put['height']}"];

        return new DueBanner(
            $banner, new Variant(...$print['light']), isset($prints[$size]), $put['address'],
            $put['headline'] ?: $put['alt'], $window, $until,
        );
    }
}
