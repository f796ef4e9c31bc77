<?php

namespace InkyCard\Picture;

/** Outline of a baked picture. */
enum Shape: string
{
    case Round = 'round';
    case Rounded = 'rounded';
    case Square = 'square';

    /** For marks alone: the pictogram without a ground. */
    case Bare = 'bare';

    /** @return array<string, self> outlines a photograph can have, by value */
    public static function forPhotos(): array
    {
        return ['round' => self::Round, 'rounded' => self::Rounded, 'square' => self::Square];
    }

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
