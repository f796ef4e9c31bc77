<?php

namespace App\Links;

use App\Clicks\Token;
use App\Models\StoredCard;
use App\Pictures\HostedPictures;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;

/** Calendar entries of events, served as their cards have them now: a new time reaches mail sent before. */
final class EventEntries
{
    /** The card with the address of its entry on every event that is to have one; a copy has its own. */
    public static function addressed(Card $card, int $number): Card
    {
        foreach ($card->pieces as $piece) {
            if ($piece->can(Capability::Event)) {
                $address = $piece->text('entry') === '' ? '' : self::address($number, $piece->id);
                if ($piece->text('calendar') !== $address) {
                    $card = $card->replacing($piece->with(['fields' => ['calendar' => $address] + $piece->fields]));
                }
            }
        }

        return $card;
    }

    private static function address(int $card, string $piece): string
    {
        return HostedPictures::publicBase().'/e/'.Token::signature(self::name($card, $piece))."/$card/$piece.ics";
    }

    /**
     * The event an address was given out for, and its card; null where it is gone, or for an address never given out.
     *
     * @return ?array{Piece, StoredCard}
     */
    public static function find(string $signature, int $card, string $piece): ?array
    {
        $stored = Token::holds($signature, self::name($card, $piece)) ? StoredCard::query()->find($card) : null;
        foreach ($stored?->document()->pieces ?? [] as $one) {
            if ($one->id === $piece && $one->can(Capability::Event) && $one->text('starts') !== '') {
                return [$one, $stored];
            }
        }

        return null;
    }

    private static function name(int $card, string $piece): string
    {
        return "event.$card.$piece";
    }
}
