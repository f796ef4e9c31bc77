<?php

namespace App\Tray;

use App\Clicks\CountedLinks;
use App\Models\Card;
use App\Models\Revision;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Rollout\Arrived;
use InkyCard\Rollout\Expected;
use InkyCard\Rollout\Verified;
use InkyCard\Rollout\Verifier;

/** Which card a message carries, and whether it arrived as it was handed over. */
final readonly class Verification
{
    /** Earlier revisions of a card that are looked for. */
    private const BACK = 20;

    /** Cards a message is held against, those of its sender first. */
    private const CARDS = 40;

    private function __construct(public ?Card $card, public Verified $verified)
    {
    }

    public static function of(Workspace $workspace, Received $received): ?self
    {
        $best = null;
        $rank = ['verified' => 0, 'altered' => 1, 'old' => 2, 'plain' => 3, 'quoted' => 4, 'absent' => 5];
        $message = Arrived::of($received->html(), $received->text(), $received->from());
        foreach (self::candidates($workspace, $received->from()) as $card) {
            $verified = Verifier::verify(self::expected($card, $card->revision(), $card->document(), short: true), self::older($card), $message);
            if ($best === null || $rank[$verified->verdict] < $rank[$best->verified->verdict]) {
                $best = new self($card, $verified);
            }
            if ($verified->verdict === 'verified') {
                break;
            }
        }

        return $best;
    }

    /** @return list<Card> those placed for the sender, then those that name the address, then others */
    private static function candidates(Workspace $workspace, string $from): array
    {
        $placed = DB::table('placements')->where(['workspace_id' => $workspace->id, 'address' => $from])->pluck('card_id')->all();
        $cards = [];
        foreach (Card::allIn($workspace) as $card) {
            $near = in_array($card->id, $placed, false) ? 0 : (str_contains($card->revision()->document, "\"$from\"") ? 1 : 2);
            $cards[$near][] = $card;
        }
        ksort($cards);

        return array_slice(array_merge(...$cards), 0, self::CARDS);
    }

    /** @return list<Expected> */
    private static function older(Card $card): array
    {
        $older = [];
        foreach ($card->revisions()->where('number', '!=', $card->head)->orderByDesc('number')->limit(self::BACK)->get() as $row) {
            $revision = Revision::of($row);
            $older[] = self::expected($card, $revision, CardJson::restore($revision->document));
        }

        return $older;
    }

    private static function expected(Card $card, Revision $revision, Document $document, bool $short = false): Expected
    {
        return Expected::card($revision->number, $document, HostedPictures::forScreen(), fn (Document $document) => CountedLinks::sheet($card, $document), $short);
    }
}
