<?php

namespace App\Auth;

use App\Models\Workspace;
use InkyCard\Refusal;

/** How far somebody goes who has not said who they are. */
final class GuestRoom
{
    /** What one may hold: cards, pictures, bytes of pictures. */
    private const CARDS = 30;

    private const PICTURES = 60;

    private const BYTES = 40_000_000;

    /** @throws Refusal when a guest has as many cards as they may */
    public static function forCard(Workspace $workspace): void
    {
        if ($workspace->isGuests() && $workspace->cards()->count() >= self::CARDS) {
            throw Refusal::because(
                'Without an address there is room for :cards cards: give yours to go on.',
                values: ['cards' => self::CARDS],
            );
        }
    }

    /** @throws Refusal when a guest has as many pictures as they may */
    public static function forPicture(Workspace $workspace, int $bytes): void
    {
        if ($workspace->isGuests() && ($workspace->pictures()->count() >= self::PICTURES
            || (int) $workspace->pictures()->sum('bytes') + $bytes > self::BYTES)) {
            throw Refusal::because(
                'Without an address there is room for :pictures pictures of :bytes MB in all: give yours '
                    .'to go on.',
                values: ['pictures' => self::PICTURES, 'bytes' => intdiv(self::BYTES, 1_000_000)],
            );
        }
    }

    /** @throws Refusal when it is a guest's: they send to nobody but their own tray */
    public static function mustNotSend(Workspace $workspace): void
    {
        if ($workspace->isGuests()) {
            throw Refusal::because(
                'Give your address first: until then nothing is sent into the world from here.', '/to',
            );
        }
    }
}
