<?php

namespace InkyCard\Card\Style;

use InkyCard\Limits;
use InkyCard\Refusal;

/** The paper ink behind the whole card. */
final readonly class Background
{
    public const DEFAULTS = ['shown' => false, 'room' => 14];

    /** @param  int  $padding  by so much it is wider than the card on every side, CSS px */
    private function __construct(public int $padding)
    {
    }

    /**
     * @return ?self null for none
     *
     * @throws Refusal
     */
    public static function of(Settings $given): ?self
    {
        return $given->truth('shown') ? new self((int) $given->pixels('room', Limits::BACKGROUND)) : null;
    }
}
