<?php

namespace App\Tray;

use App\Clicks\CountedLinks;
use App\Models\Revision;
use App\Models\StoredCard;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Type\CleanText;
use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\ReceivedMessage;
use InkyCard\Verification\Verified;
use InkyCard\Verification\Verifier;

/** Which card a message carries, and whether it arrived as it was handed over. */
final readonly class TrayVerifier
{
    /** Earlier revisions of a card that are looked for. */
    private const BACK = 20;

    /** Cards a message is held against, those of its sender first. */
    private const CARDS = 40;

    /** Cards, and earlier revisions of each, that are composed and held against it. */
    private const FEW = 4;

    /** Verdicts, the best first. */
    private const RANK = ['verified', 'altered', 'old', 'plain', 'quoted', 'absent'];

    private function __construct(public StoredCard $card, public Verified $verified)
    {
    }

    public static function of(Workspace $workspace, MimeMessage $received): ?self
    {
        $message = ReceivedMessage::of($received->html(), $received->text(), $received->from());
        $best = null;
        $least = [];
        foreach (self::likely(self::candidates($workspace, $received->from()), $message) as [$card, $revisions]) {
            $older = array_map(
                fn (Revision $revision) => self::expected($card, $revision, CardJson::restore($revision->document)),
                $revisions,
            );
            $verified = Verifier::verify(
                self::expected($card, $card->revision(), $card->document(), short: true),
                $older,
                $message,
            );
            $rank = (int) array_search($verified->verdict, self::RANK, true);
            // Where it is there at all, the card that is least off is meant, as it is or as it was.
            $off = [
                max(2, $rank),
                count($verified->missing) + count($verified->altered) + count($verified->links),
                $rank,
            ];
            if ($best === null || $off < $least) {
                [$best, $least] = [new self($card, $verified), $off];
            }
            if ($verified->verdict === 'verified') {
                break;
            }
        }

        return $best;
    }

    /**
     * The cards most of whose words are in the message, now or in an earlier
     * revision, and those revisions: told by their documents, as composing all
     * would take seconds.
     *
     * @param  list<StoredCard>  $cards
     * @return list<array{StoredCard, list<Revision>}>
     */
    private static function likely(array $cards, ReceivedMessage $message): array
    {
        $there = [];
        $share = function (string $document) use (&$there, $message): float {
            preg_match_all(
                '/"(?:text|number|address|phrase|words|value)":("(?:[^"\\\\]|\\\\.){6,}")/',
                $document,
                $found,
            );
            $count = 0;
            foreach ($found[1] as $json) {
                if (! isset($there[$json])) {
                    $words = CleanText::seen(
                        (string) preg_replace('~^https?://(?:www\.)?|/$~', '', (string) json_decode($json)),
                    );
                    $there[$json] = $message->written->has($words) || $message->quoted->has($words);
                }
                $count += (int) $there[$json];
            }

            return $found[1] === [] ? 0.0 : $count / count($found[1]);
        };
        $likely = [];
        foreach ($cards as $card) {
            $revisions = $shares = [];
            foreach (
                $card->revisions()->where('number', '!=', $card->head)->orderByDesc('number')->limit(self::BACK)->get() as $row
            ) {
                $revisions[] = $revision = Revision::of($row);
                $shares[] = $share($revision->document);
            }
            arsort($shares);
            $most = max([$share($card->revision()->document), ...$shares]);
            $likely[] = [
                $most,
                [
                    $card,
                    array_map(fn (int $index) => $revisions[$index], array_slice(array_keys($shares), 0, self::FEW)),
                ],
            ];
        }
        usort($likely, fn (array $one, array $other) => $other[0] <=> $one[0]);

        return array_column(array_slice($likely, 0, self::FEW), 1);
    }

    /** @return list<StoredCard> those placed for the sender, then those that name the address, then others */
    private static function candidates(Workspace $workspace, string $from): array
    {
        $placed = DB::table('placements')
            ->where(['workspace_id' => $workspace->id, 'address' => $from])
            ->pluck('card_id')
            ->all();
        $cards = [];
        foreach (StoredCard::allIn($workspace) as $card) {
            $near = in_array($card->id, $placed, false)
                ? 0
                : (str_contains($card->revision()->document, "\"$from\"")
                    ? 1
                    : 2);
            $cards[$near][] = $card;
        }
        ksort($cards);

        return array_slice(array_merge(...$cards), 0, self::CARDS);
    }

    private static function expected(
        StoredCard $card,
        Revision $revision,
        Document $document,
        bool $short = false,
    ): ExpectedCard {
        return ExpectedCard::card(
            $revision->number, $document, HostedPictures::forScreen(),
            fn (Document $document) => CountedLinks::sheet($card, $document), $short,
        );
    }
}
