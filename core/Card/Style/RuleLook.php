<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Limits;
use InkyCard\Refusal;

/** The line down the side of the text. */
final readonly class RuleLook
{
    public const DEFAULTS = ['ink' => 'accent', 'width' => 2];

    /** @param  int  $width  CSS px; 0 for none */
    private function __construct(public InkRole $ink, public int $width)
    {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        return new self($given->role(), (int) $given->pixels('width', Limits::RULE));
    }
}
