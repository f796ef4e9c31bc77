<?php

namespace App\Handover;

use App\Models\StoredCard;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Card\Difference;
use InkyCard\Handover\Destination;

/** Where a card was handed over to, and whether what is in use there is what it is now (needs J04, O01). */
final readonly class InUse
{
    private const ADDRESS = 'address';

    private const DESTINATION = 'destination';

    /** @param  ?int  $old  the oldest revision in use, where the card looks or says otherwise now */
    private function __construct(private int $addresses, private int $programs, public ?int $old, private int $head)
    {
    }

    /** The card went under an address as it is now. */
    public static function at(StoredCard $card, string $address): void
    {
        self::note($card, self::ADDRESS, mb_strtolower($address));
    }

    /** It was taken for a mail program or whatever else takes it. */
    public static function by(StoredCard $card, Destination $destination): void
    {
        self::note($card, self::DESTINATION, $destination->key);
    }

    /** Not there any more. */
    public static function left(StoredCard $card, string $address): void
    {
        DB::table('card_uses')
            ->where(['card_id' => $card->id, 'kind' => self::ADDRESS, 'name' => mb_strtolower($address)])
            ->delete();
    }

    private static function note(StoredCard $card, string $kind, string $name): void
    {
        DB::table('card_uses')->updateOrInsert(
            ['card_id' => $card->id, 'kind' => $kind, 'name' => $name],
            ['revision' => $card->head, 'at' => (string) now()],
        );
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
                .'min(revision) as oldest')
            ->get()
            ->keyBy('card_id');
        $uses = [];
        foreach ($cards as $card) {
            $row = $rows[$card->id] ?? null;
            if ($row !== null) {
                $uses[$card->id] = new self(
                    (int) $row->addresses, (int) $row->programs,
                    self::isOld($card, (int) $row->oldest) ? (int) $row->oldest : null, $card->head,
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

    /** In a sentence. */
    public function says(): string
    {
        $places = implode(' and ', array_filter([
            $this->addresses === 0 ? '' : "at $this->addresses ".Str::plural('address', $this->addresses),
            $this->programs === 0 ? '' : "in $this->programs ".Str::plural('place', $this->programs),
        ]));

        return $this->old === null
            ? "In use $places, as it is now."
            : "In use $places, revision $this->old; this is $this->head.";
    }
}
