<?php

namespace InkyCard\Card\Style;

use InkyCard\Limits;
use InkyCard\Refusal;

/** The background of one part of the card, and how much room is in it. */
final readonly class Panel
{
    public const DEFAULTS = ['fill' => 'none', 'room' => 14, 'radius' => 0] + BackgroundPicture::DEFAULTS;

    /**
     * @param  int  $padding  on every side, CSS px
     * @param  int  $radius  of its corners, CSS px
     */
    private function __construct(
        public Fill $fill, public int $padding, public int $radius, public ?BackgroundPicture $picture = null,
    ) {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        return new self(
            Fill::tryFrom($given->text('fill'))
                ?? throw Refusal::because('A background is none, paper, tint, accent, body or link.', '/panels/fill'),
            (int) $given->pixels('room', Limits::BACKGROUND),
            (int) $given->pixels('radius', Limits::BACKGROUND),
            BackgroundPicture::of($given),
        );
    }

    /** Nothing of its own, and no room. */
    public static function none(): self
    {
        return new self(Fill::None, 0, 0);
    }

    /** The band some arrangements have where nothing else is set. */
    public static function band(): self
    {
        return new self(Fill::Accent, self::DEFAULTS['room'], 0);
    }
}
