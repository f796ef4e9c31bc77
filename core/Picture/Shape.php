<?php

namespace InkyCard\Picture;

/** Outline of a baked picture. */
enum Shape: string
{
    case Round = 'round';
    case Rounded = 'rounded';
    case Square = 'square';

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
