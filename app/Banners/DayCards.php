<?php

namespace App\Banners;

use App\Models\StoredBanner;
use App\Models\StoredCard;
use App\Models\Workspace;
use App\Words\Words;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Said;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/** The cards of a workspace as they are on one day, at noon. */
final readonly class DayCards
{
    private const EACH = 8;

    /** @var LengthAwarePaginator<int, object{id: int, name: string, head: int, says: string}&\stdClass> */
    public LengthAwarePaginator $cards;

    /** How many cards have a place. */
    public int $placed;

    public function __construct(private Workspace $workspace, public Day $day)
    {
        $moment = Clock::moment($day, '12:00', $workspace->clock())->getTimestamp();
        $labels = PlanRows::cards($workspace->id);
        $carried = PlanRows::plan($workspace->id, $moment)->carried($moment, $labels);
        $places = DB::table('places')->where('workspace_id', $workspace->id)->pluck('gap', 'card_id');
        $this->placed = $places->intersectByKeys($labels)->count();
        // Cards with a place first: they are what changes.
        $this->cards = StoredCard::query()->where('workspace_id', $workspace->id)->whereNull('archived_at')
            ->orderByRaw('case when exists (select 1 from places where places.card_id = cards.id) then 0 else 1 end')
            ->orderBy('name')->paginate(self::EACH, ['id', 'name', 'head'], 'cards')
            ->withPath(route('banners'))->withQueryString()
            ->through(fn (StoredCard $card): \stdClass => (object) [
                'id' => $card->id, 'name' => $card->name, 'head' => $card->head,
                'says' => isset($places[$card->id])
                    ? $this->says($carried[$card->id] ?? null, (string) $places[$card->id], $labels[$card->id] ?? [])
                    : Words::of('no banner place on it'),
            ]);
    }

    /** @param  list<string>  $labels */
    private function says(?PlaceWindow $window, string $gap, array $labels): string
    {
        if ($window === null) {
            return $gap === 'evergreen' && $this->workspace->evergreen_id !== null ? Words::of('the evergreen banner')
                : Words::of('nothing');
        }
        $audience = $window->audience;
        $by = match (true) {
            $audience->cards !== [] => Words::of('its own window'),
            $audience->labels !== [] => implode(', ', array_intersect($audience->labels, $labels)),
            default => Words::of('Everyone'),
        };
        $name = StoredBanner::query()->find((int) $window->banner)?->shown()?->name() ?? '';

        return Words::of(Said::of(':name, by :whom', ['name' => $name, 'whom' => $by]));
    }
}
