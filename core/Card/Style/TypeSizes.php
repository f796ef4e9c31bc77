<?php

namespace InkyCard\Card\Style;

use InkyCard\Limits;
use InkyCard\Refusal;

/** Type sizes by what they are for, CSS px. */
final readonly class TypeSizes
{
    private function __construct(public float $name, public float $text, public float $small)
    {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        return new self(
            $given->pixels('name', Limits::TYPE),
            $given->pixels('text', Limits::TYPE),
            $given->pixels('small', Limits::TYPE),
        );
    }

    /** @return array{name: float, text: float, small: float} */
    public function toArray(): array
    {
        return ['name' => $this->name, 'text' => $this->text, 'small' => $this->small];
    }
}
