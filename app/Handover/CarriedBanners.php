<?php

namespace App\Handover;

use App\Banners\Due;
use App\Banners\PlanRows;
use App\Models\StoredCard;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Kind\Capability;
use InkyCard\Handover\Destination;
use InkyCard\Time\Day;

/**
 * Banners that went along with a card when it was taken: what travels stays what it is. A use (card_uses) keeps, by the
 * piece they stand in, the banner's number, 0 for none, and the hash of its picture.
 */
final readonly class CarriedBanners
{
    /**
     * @param  string  $where  the mail program or other destination
     * @param  string  $had  the banner it carries; empty for none
     * @param  string  $has  the one that is due now; empty for none
     */
    private function __construct(
        public int $card, public string $name, public string $where, public string $to, public Day $at,
        public string $had, public string $has,
    ) {
    }

    /** @return array<string, array{int, string}> what a card's places carry today */
    public static function on(StoredCard $card): array
    {
        $carried = [];
        foreach ($card->document()->filled(Capability::Place) as $piece) {
            $due = Due::at("$card->id/$piece->id", now()->getTimestamp());
            $carried[$piece->id] = [(int) $due?->banner, (string) $due?->file?->hash];
        }

        return $carried;
    }

    /**
     * Who carries another than is due now.
     *
     * @return list<self> the one taken longest ago first
     */
    public static function old(Workspace $workspace): array
    {
        $uses = DB::table('card_uses')->join('cards', 'cards.id', 'card_id')->where('workspace_id', $workspace->id)
            ->whereNull('archived_at')->whereNotNull('carried')->orderBy('at')->orderBy('card_id')
            ->get(['card_id', 'cards.name as card', 'card_uses.name as to', 'at', 'carried']);
        if ($uses->isEmpty()) {
            return [];
        }
        $moment = now()->getTimestamp();
        $due = PlanRows::plan($workspace->id, $moment)->carried($moment, PlanRows::cards($workspace->id));
        $gaps = DB::table('places')->where('workspace_id', $workspace->id)->where('gap', 'collapse')
            ->get()->mapWithKeys(fn (\stdClass $row) => ["$row->card_id/$row->piece" => true])->all();
        $banners = DB::table('banners')->where('workspace_id', $workspace->id)->get()->keyBy('id');
        $old = [];
        foreach ($uses as $use) {
            /** @var array<string, array{int, string}> $carried */
            $carried = (array) json_decode((string) $use->carried, true);
            foreach ($carried as $piece => [$had, $hash]) {
                $window = $due[(int) $use->card_id] ?? null;
                $has = (int) ($window !== null ? $window->banner
                    : (isset($gaps["$use->card_id/$piece"]) ? 0 : $workspace->evergreen_id));
                $has = isset($banners[$has]) && $banners[$has]->removed_at === null ? $has : 0;
                if ($had !== $has || ($has !== 0 && ! str_contains((string) $banners[$has]->print, "\"$hash\""))) {
                    $name = fn (int $banner): string => isset($banners[$banner])
                        ? self::named((string) ($banners[$banner]->put ?? $banners[$banner]->document)) : '';
                    $old[] = new self(
                        (int) $use->card_id, $use->card, Destination::all()[$use->to]->label ?? $use->to, $use->to,
                        Day::at(new \DateTimeImmutable($use->at)), $name($had), $name($has),
                    );
                }
            }
        }

        return $old;
    }

    private static function named(string $banner): string
    {
        $banner = (array) json_decode($banner, true);

        return (string) ($banner['headline'] ?? '' ?: $banner['alt'] ?? '');
    }

    /** The last day a card's places show what they do today; null for good. */
    public static function until(StoredCard $card, Workspace $workspace): ?Day
    {
        $ends = [];
        foreach ($card->document()->filled(Capability::Place) as $piece) {
            $ends[] = Due::at("$card->id/$piece->id", now()->getTimestamp())?->until;
        }
        $ends = array_filter($ends, fn (?int $end) => $end !== null
            && $end < now()->getTimestamp() + PlanRows::AHEAD);

        return $ends === [] ? null
            : Day::at(now($workspace->clock())->setTimestamp(min($ends) - 1));
    }
}
