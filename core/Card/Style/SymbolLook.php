<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;

/** Symbols before contact lines. */
final readonly class SymbolLook
{
    public const DEFAULTS = ['shape' => 'none', 'ink' => 'accent'];

    /** @param  ?Shape  $shape  null for no symbols */
    private function __construct(public ?Shape $shape, public InkRole $ink)
    {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        $shape = $given->text('shape');

        return new self(
            $shape === 'none' ? null : Shape::forMarks()[$shape] ?? throw Refusal::because(
                'Symbols are none, bare, ring, round, rounded or square.', '/symbols/shape',
            ),
            $given->role(),
        );
    }
}
