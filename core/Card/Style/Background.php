<?php

namespace InkyCard\Card\Style;

use InkyCard\Limits;
use InkyCard\Refusal;

/** The paper ink behind the whole card. */
final readonly class Background
{
    public const DEFAULTS = ['shown' => false, 'room' => 14, 'radius' => 0, 'line' => 0, 'wide' => 0]
        + BackgroundPicture::DEFAULTS;

    /**
     * @param  int  $padding  by so much it is wider than the card on every side, CSS px
     * @param  int  $radius  of its corners, CSS px
     * @param  int  $line  around it, in the rule's ink, CSS px
     * @param  int  $wide  it is so wide where there is room, CSS px; 0 for as wide as what is on it
     */
    private function __construct(
        public int $padding, public int $radius, public int $line, public int $wide,
        public ?BackgroundPicture $picture,
    ) {
    }

    /**
     * @return ?self null for none
     *
     * @throws Refusal
     */
    public static function of(Settings $given): ?self
    {
        return $given->truth('shown') ? new self(
            (int) $given->pixels('room', Limits::BACKGROUND), (int) $given->pixels('radius', Limits::BACKGROUND),
            (int) $given->pixels('line', Limits::RULE), (int) $given->pixels('wide', [0, Limits::WIDTH]),
            BackgroundPicture::of($given),
        ) : null;
    }
}
