<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Limits;
use InkyCard\Refusal;
use InkyCard\Type\LineStyle;

/** The line down the side of the text. */
final readonly class RuleLook
{
    public const DEFAULTS = ['ink' => 'accent', 'width' => 2, 'style' => 'solid'];

    /** @param  int  $width  CSS px; 0 for none */
    private function __construct(public InkRole $ink, public int $width, public LineStyle $style)
    {
    }

    private static function style(Settings $given): LineStyle
    {
        return LineStyle::tryFrom($given->text('style'))
            ?? throw Refusal::because('A rule is solid, dashed, dotted or double.', '/rule/style');
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        return new self($given->role(), (int) $given->pixels('width', Limits::RULE), self::style($given));
    }
}
