<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Colour\Colour;
use InkyCard\Refusal;

/** The colour of every ink. */
final readonly class Inks
{
    /** @param  array<string, Colour>  $colours  role => colour, every role */
    private function __construct(private array $colours)
    {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        $colours = [];
        foreach (InkRole::cases() as $role) {
            $colours[$role->value] = Refusal::at(
                "/inks/$role->value",
                fn () => Colour::hex($given->text($role->value)),
            );
        }

        return new self($colours);
    }

    public function colour(InkRole $role): Colour
    {
        return $this->colours[$role->value];
    }
}
