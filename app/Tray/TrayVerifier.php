<?php

namespace App\Tray;

use App\Clicks\CountedLinks;
use App\Live\LiveWords;
use App\Models\Revision;
use App\Models\StoredCard;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use App\Placements\Placements;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Time\Day;
use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\Ranking;
use InkyCard\Verification\ReceivedMessage;
use InkyCard\Verification\SideBySide;
use InkyCard\Verification\Verified;
use InkyCard\Verification\Verifier;

/** Which card a message carries, and whether it arrived as it was handed over. */
final class TrayVerifier
{
    /** Earlier revisions of a card that are looked for. */
    private const BACK = 20;

    /** Days before today its parts came or went on that are looked at. */
    private const EARLIER = 12;

    /** Cards a message is held against, those of its sender first. */
    private const CARDS = 40;

    /** Composed cards that are kept for the messages that follow: a mail server's come one after another. */
    private const KEPT = 200;

    /** @var array<string, ExpectedCard> by what they are made of */
    private static array $kept = [];

    private function __construct(public readonly StoredCard $card, public readonly Verified $verified)
    {
    }

    public static function of(Workspace $workspace, MimeMessage $received): ?self
    {
        $message = ReceivedMessage::of($received->html(), $received->text(), $received->from());
        $cards = $revisions = [];
        foreach (self::candidates($workspace, $received->from()) as $card) {
            $cards[$card->id] = $card;
            $revisions[$card->id] = self::revisions($card);
        }
        $documents = array_map(fn (array $all) => array_column($all, 'document', 'number'), $revisions);
        $best = null;
        foreach ((new Ranking($message))->likely($documents) as $id => $earlier) {
            $likely = array_map(fn (int $number) => $revisions[$id][$number], $earlier);
            $one = new self($cards[$id], self::verify($cards[$id], $likely, $message));
            $best = $best === null || $one->verified->isNearer($best->verified) ? $one : $best;
            if ($one->verified->verdict === 'verified') {
                break;
            }
        }

        return $best;
    }

    /** The card as it was handed over beside the message it came in, what differs marked. */
    public function sides(MimeMessage $received): SideBySide
    {
        $number = $this->verified->revision ?? $this->card->head;
        $revision = $this->card->revisionAt($number) ?? $this->card->revision();
        $day = $this->verified->until === '' ? $this->card->today() : Day::parse($this->verified->until);
        $document = self::said(
            $this->card->asOf($revision, $day), $this->card,
            ReceivedMessage::of($received->html(), $received->text(), $received->from()),
        );
        $form = $this->verified->form;
        $expected = self::expected($this->card, $number, $document, $form !== '');

        return SideBySide::of($expected->forms[$form] ?? $expected, $received->shown(), $this->verified);
    }

    /** @param  list<Revision>  $earlier */
    private static function verify(StoredCard $card, array $earlier, ReceivedMessage $message): Verified
    {
        $all = self::handedOver($card, $earlier, $message);

        return Verifier::verify($all[0], array_slice($all, 1), $message);
    }

    /**
     * Which revision of which card stands in what a message's writer wrote; null for none.
     *
     * @param  list<StoredCard>  $cards
     * @return ?array{StoredCard, ExpectedCard}
     */
    public static function carried(array $cards, ReceivedMessage $message): ?array
    {
        $ranking = new Ranking($message);
        $cards = array_column($cards, null, 'id');
        // An earlier revision says something of what it says now.
        $revisions = array_map(self::revisions(...), array_filter(
            $cards, fn (StoredCard $card): bool => $ranking->isAny([$card->revision()->document]),
        ));
        $documents = array_map(fn (array $all) => array_column($all, 'document', 'number'), $revisions);
        $all = $of = [];
        foreach ($ranking->likely($documents) as $id => $earlier) {
            $earlier = array_map(fn (int $number) => $revisions[$id][$number], $earlier);
            foreach (self::handedOver($cards[$id], $earlier, $message) as $one) {
                array_push($all, $one, ...array_values($one->forms));
                $of = array_pad($of, count($all), $cards[$id]);
            }
        }
        $there = Verifier::carried($all, $message);

        return $there === null ? null : [$of[(int) array_search($there, $all, true)], $there];
    }

    /**
     * @param  list<Revision>  $earlier
     * @return list<ExpectedCard> the current revision, the same on earlier days, then earlier ones
     */
    private static function handedOver(StoredCard $card, array $earlier, ReceivedMessage $message): array
    {
        return [
            self::expected($card, $card->head, self::said($card->document(), $card, $message), forms: true),
            ...self::before($card, $message),
            ...array_map(
                fn (Revision $revision) => self::expected($card, $revision->number, self::said(
                    CardJson::restore($revision->document)->on($card->dayOf($revision)), $card, $message,
                )),
                $earlier,
            ),
        ];
    }

    /** @return list<ExpectedCard> the current revision as it was on earlier days, where parts of it come and go */
    private static function before(StoredCard $card, ReceivedMessage $message): array
    {
        $document = self::said($card->document(), $card, $message);
        $before = [];
        $day = $card->dayOf($card->revision());
        while (count($before) < self::EARLIER && ($last = $document->rightUntil($day))?->isBefore($card->today())) {
            $before[] = ExpectedCard::card(
                $card->head, $document->on($day), HostedPictures::forScreen(),
                fn (Document $then) => CountedLinks::sheet($card, $then), until: $last,
            );
            $day = $last->plus(1);
        }

        return array_reverse($before);
    }

    /** What follows a feed or the firm's list says what it said when the message was written. */
    private static function said(Document $document, StoredCard $card, ReceivedMessage $message): Document
    {
        return LiveWords::asSaid($document, $card, fn (string $words): bool => $message->written->has($words)
            || $message->quoted->has($words) || $message->written->has("“{$words}”"));
    }

    /** @return array<int, Revision> by number: the current one, then earlier ones from the newest */
    private static function revisions(StoredCard $card): array
    {
        $rows = $card->revisions()->where('number', '!=', $card->head)->orderByDesc('number')->limit(self::BACK)->get();
        $all = [$card->revision(), ...array_map(Revision::of(...), $rows->all())];

        return array_combine(array_column($all, 'number'), $all);
    }

    /** @return list<StoredCard> those placed for the sender, then those that name the address, then others */
    private static function candidates(Workspace $workspace, string $from): array
    {
        $placed = Placements::cardsFor($workspace, $from);
        $cards = [];
        // What a house card says without its blanks stands on the card of everybody who follows it.
        $houses = array_flip(DB::table('houses')->where('workspace_id', $workspace->id)->pluck('card_id')->all());
        foreach (StoredCard::allIn($workspace) as $card) {
            if (isset($houses[$card->id])) {
                continue;
            }
            $near = in_array($card->id, $placed, true) ? 0
                : (str_contains($card->revision()->document, "\"$from\"") ? 1 : 2);
            $cards[$near][] = $card;
        }
        ksort($cards);

        return array_slice(array_merge(...$cards), 0, self::CARDS);
    }

    private static function expected(
        StoredCard $card,
        int $revision,
        Document $document,
        bool $forms = false,
    ): ExpectedCard {
        $key = hash('xxh128', "$card->id $revision $forms ".CardJson::encode($document));
        if (count(self::$kept) > self::KEPT) {
            self::$kept = array_slice(self::$kept, intdiv(self::KEPT, 2), preserve_keys: true);
        }

        return self::$kept[$key] ??= ExpectedCard::card(
            $revision, $document, HostedPictures::forScreen(),
            fn (Document $document) => CountedLinks::sheet($card, $document), $forms,
        );
    }
}
