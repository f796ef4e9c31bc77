<?php

namespace InkyCard\Picture;

/** Outline of a baked picture. */
enum Shape: string
{
    case Round = 'round';
    case Rounded = 'rounded';
    case Square = 'square';

    /** Round at the top alone. */
    case Arch = 'arch';

    /** For marks alone: the pictogram without a background. */
    case Bare = 'bare';

    /** For marks alone: the pictogram within a thin ring. */
    case Ring = 'ring';

    /** @return array<string, self> outlines a photograph can have, by value */
    public static function forPhotos(): array
    {
        return ['round' => self::Round, 'rounded' => self::Rounded, 'arch' => self::Arch, 'square' => self::Square];
    }

    /** @return array<string, self> outlines a mark can have, by value */
    public static function forMarks(): array
    {
        return [
            'round' => self::Round, 'rounded' => self::Rounded, 'square' => self::Square, 'ring' => self::Ring,
            'bare' => self::Bare,
        ];
    }

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
