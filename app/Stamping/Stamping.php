<?php

namespace App\Stamping;

use App\Handover\Parcels;
use App\Models\StoredCard;
use App\Models\Workspace;
use App\Tray\TrayVerifier;
use InkyCard\Card\Situation;
use InkyCard\Refusal;
use InkyCard\Stamp\CardParts;
use InkyCard\Stamp\LeftAlone;
use InkyCard\Stamp\MailMessage;
use InkyCard\Stamp\NoPlace;
use InkyCard\Stamp\Stamper;
use InkyCard\Verification\ExpectedCard;

/** Puts senders' cards into the messages a mail server hands in. Whatever happens, a message comes out. */
final class Stamping
{
    /** Larger ones go on as they are, bytes. */
    public const MOST = 40_000_000;

    /** Bytes of words that are read. */
    private const WORDS = 3_000_000;

    /** Seconds a composed card is taken for what it is: what it follows outside changes by itself. */
    private const KEPT = 30;

    /** Composed cards that are kept. */
    private const MANY = 500;

    /** @var array<string, CardParts> */
    private array $kept = [];

    public function __construct(private readonly Parcels $parcels)
    {
    }

    public function stamp(Workspace $workspace, string $bytes): StampedMessage
    {
        try {
            $made = $this->made($workspace, $bytes);
        } catch (NoPlace) {
            $made = Outcome::NoPlace;
        } catch (Refusal) {
            $made = Outcome::Odd;
        } catch (\Throwable $fault) {
            report($fault);
            $made = Outcome::Fault;
        }

        return $made instanceof Outcome ? new StampedMessage($bytes, $made) : $made;
    }

    /**
     * @throws NoPlace
     * @throws Refusal
     */
    private function made(Workspace $workspace, string $bytes): StampedMessage|Outcome
    {
        if (! $workspace->stamping || strlen($bytes) > self::MOST) {
            return $workspace->stamping ? Outcome::Large : Outcome::Off;
        }
        $message = MailMessage::read($bytes);
        $why = LeftAlone::why($message);
        if ($why !== null || $message->bytes() > self::WORDS) {
            return $why === null ? Outcome::Large : Outcome::from($why->value);
        }
        $situation = $message->isAnswer() ? Situation::Reply : Situation::NewMail;
        $sender = $message->from() === '' ? Outcome::Nobody
            : SenderCard::of($workspace, $message->from(), $situation);

        return $sender instanceof Outcome ? $sender
            : $this->with($message, $sender, $this->parts($sender->card, $situation, $workspace->stamp_pictures));
    }

    /** @throws NoPlace */
    private function with(MailMessage $message, SenderCard $sender, CardParts $card): StampedMessage|Outcome
    {
        $carried = TrayVerifier::carried($sender->all, $message->received());
        if ($carried !== null && self::isToday(...$carried)) {
            return Outcome::There;
        }

        return $card->isEmpty() ? Outcome::Unfilled : new StampedMessage(
            (new Stamper($message, $card))->stamp($carried[1] ?? null),
            $carried === null ? Outcome::Stamped : Outcome::Replaced,
        );
    }

    private static function isToday(StoredCard $card, ExpectedCard $there): bool
    {
        return $there->until === null && $there->revision === $card->head && $card->archived_at === null;
    }

    private function parts(StoredCard $card, Situation $situation, bool $attached): CardParts
    {
        $key = implode(' ', [
            $card->id, $card->head, $situation->value, $attached, intdiv(now()->getTimestamp(), self::KEPT),
        ]);
        if (count($this->kept) > self::MANY) {
            $this->kept = array_slice($this->kept, intdiv(self::MANY, 2), preserve_keys: true);
        }

        return $this->kept[$key] ??= $this->compose($card, $situation, $attached);
    }

    private function compose(StoredCard $card, Situation $situation, bool $attached): CardParts
    {
        $parcel = $this->parcels->parcel($card->document()->inForm($situation->value), $card);
        if (! $attached) {
            return new CardParts($parcel->html(), $parcel->text());
        }
        $domain = parse_url((string) config('app.url'), PHP_URL_HOST) ?: 'inky-card.invalid';
        [$html, $files] = $parcel->withFiles('cid:', "@$domain");

        return new CardParts($html, $parcel->text(), array_combine(
            array_map(fn (string $name): string => "$name@$domain", array_keys($files)), $files,
        ));
    }
}
