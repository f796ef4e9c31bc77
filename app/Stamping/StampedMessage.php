<?php

namespace App\Stamping;

/** A message as it goes on, and what became of it. */
final readonly class StampedMessage
{
    public function __construct(public string $bytes, public Outcome $outcome)
    {
    }

    /** With a line of what became of it and how many bytes it has before it. */
    public function framed(): string
    {
        return "{$this->outcome->value} ".strlen($this->bytes)."\n$this->bytes";
    }
}
