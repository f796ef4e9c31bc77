<?php

namespace App\Handover;

use App\Hooks\HookEvent;
use App\Hooks\Hooks;
use App\Models\StoredCard;
use App\Words\Moments;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Card\Difference;
use InkyCard\Handover\Destination;
use InkyCard\Handover\FrozenPictures;
use InkyCard\Time\Day;

/** Where a card was handed over to, and whether what is in use there is what it is now (needs J04, O01). */
final readonly class InUse
{
    private const ADDRESS = 'address';

    private const DESTINATION = 'destination';

    /**
     * @param  ?int  $old  the oldest revision in use, where the card looks or says otherwise now
     * @param  ?Day  $until  the last day all of what was taken is right
     */
    private function __construct(
        private int $addresses, private int $programs, public ?int $old, private int $head, private ?Day $until,
        public bool $over,
    ) {
    }

    /** The card went under an address as it is now. */
    public static function at(StoredCard $card, string $address): void
    {
        self::note($card, self::ADDRESS, mb_strtolower($address));
    }

    /**
     * It was taken for a mail program or whatever else takes it.
     *
     * @param  bool  $inside  pictures travel inside the code, where that can be chosen
     */
    public static function by(StoredCard $card, Destination $destination, bool $inside = false): void
    {
        self::note(
            $card, self::DESTINATION, $destination->key,
            FrozenPictures::travel($destination, $inside) ? CarriedBanners::on($card) : [],
        );
        DB::table('cards')->where('id', $card->id)->increment('taken_times');
        Hooks::tell($card->workspace_id, HookEvent::CardTaken, (string) $card->id, [
            'card' => $card->id, 'destination' => $destination->key,
        ]);
    }

    /** Not there any more. */
    public static function left(StoredCard $card, string $address): void
    {
        DB::table('card_uses')
            ->where(['card_id' => $card->id, 'kind' => self::ADDRESS, 'name' => mb_strtolower($address)])
            ->delete();
    }

    /** @param  array<string, array{int, string}>  $carried  see CarriedBanners */
    private static function note(StoredCard $card, string $kind, string $name, array $carried = []): void
    {
        DB::table('card_uses')->updateOrInsert(['card_id' => $card->id, 'kind' => $kind, 'name' => $name], [
            'revision' => $card->head, 'at' => (string) now(),
            'until' => $card->document()->rightUntil($card->today())?->iso,
            'carried' => $carried === [] ? null : json_encode($carried, JSON_THROW_ON_ERROR),
        ]);
    }

    public static function of(StoredCard $card): ?self
    {
        return self::ofCards([$card])[$card->id] ?? null;
    }

    /**
     * @param  list<StoredCard>  $cards
     * @return array<int, self> by card; those in use nowhere left out
     */
    public static function ofCards(array $cards): array
    {
        $rows = DB::table('card_uses')
            ->whereIn('card_id', array_map(fn (StoredCard $card) => $card->id, $cards))
            ->groupBy('card_id')
            ->selectRaw("card_id, sum(kind = 'address') as addresses, sum(kind <> 'address') as programs, "
                .'min(revision) as oldest, min(until) as until')
            ->get()
            ->keyBy('card_id');
        $uses = [];
        foreach ($cards as $card) {
            $row = $rows[$card->id] ?? null;
            if ($row !== null) {
                $uses[$card->id] = new self(
                    (int) $row->addresses, (int) $row->programs,
                    self::isOld($card, (int) $row->oldest) ? (int) $row->oldest : null, $card->head,
                    $row->until === null ? null : Day::parse(substr($row->until, 0, 10)),
                    $row->until !== null && $row->until < $card->today()->iso,
                );
            }
        }

        return $uses;
    }

    /** Whether a reader would see a difference: what a card is called, none does. */
    private static function isOld(StoredCard $card, int $revision): bool
    {
        $then = $revision < $card->head ? $card->revisionFrom($revision) : null;
        if ($then === null || $then->number === $card->head) {
            return false;
        }
        // What its pieces say is what changes most, and is told without reading all of both.
        if (self::said($then->document) !== self::said($card->revision()->document)) {
            return true;
        }
        $now = $card->document();
        $named = fn (Document $document): Document => $document->with(['name' => $now->name]);

        return Difference::between($named(CardJson::restore($then->document)), $now) !== [];
    }

    /** @return array<string, mixed> what pieces say, by kind and id */
    private static function said(string $document): array
    {
        $pieces = json_decode($document, true, 32)['pieces'] ?? [];

        return array_combine(
            array_map(fn (array $piece) => "$piece[kind] $piece[id]", $pieces), array_column($pieces, 'fields'),
        );
    }

    /** What is in use is not what it is now, or not what is right today. */
    public function isOff(): bool
    {
        return $this->old !== null || $this->over;
    }

    /** In a sentence. */
    public function says(): string
    {
        $places = implode(__(' and '), array_filter([
            $this->addresses === 0 ? '' : trans_choice('at :count address|at :count addresses', $this->addresses),
            $this->programs === 0 ? '' : trans_choice('in :count place|in :count places', $this->programs),
        ]));

        $day = $this->until === null ? '' : Moments::day($this->until->iso, 'long');
        $at = ['places' => $places, 'old' => $this->old, 'head' => $this->head, 'day' => $day];

        return match (true) {
            $this->old !== null => __('In use :places, revision :old; this is :head.', $at),
            $this->over => __('In use :places, as it was right until :day.', $at),
            $this->until !== null => __('In use :places, right until :day.', $at),
            default => __('In use :places, as it is now.', $at),
        };
    }
}
