<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Limits;
use InkyCard\Picture\Season;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;

/** Profile marks. */
final readonly class MarkLook
{
    public const DEFAULTS = [
        'ink' => 'accent', 'sign' => null, 'shape' => 'round', 'size' => 24, 'gap' => null, 'grey' => false,
        'dress' => null,
    ];

    /** Between two marks unless set, as a share of their size. */
    private const SPACING = 0.3;

    /**
     * @param  ?InkRole  $sign  of the sign on a background; paper, or what reads there, where it is not set
     * @param  int  $size  CSS px
     * @param  int  $spacing  between two marks, CSS px
     * @param  bool  $grey  without colour
     * @param  ?Season  $season  what they wear, and when
     */
    private function __construct(
        public InkRole $ink,
        public ?InkRole $sign,
        public Shape $shape,
        public int $size,
        public int $spacing,
        public bool $grey,
        public ?Season $season,
    ) {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        $size = $given->pixels('size', Limits::MARK);

        return new self(
            $given->role(),
            $given->optionalRole('sign'),
            Shape::forMarks()[$given->text('shape')]
                ?? throw Refusal::because('Marks are round, rounded, square, ring or bare.', '/marks/shape'),
            (int) $size,
            $given->optionalPixels('gap', Limits::MARK_SPACING, 'gap between marks')
                ?? (int) round($size * self::SPACING),
            $given->truth('grey'),
            self::season($given->values['dress']),
        );
    }

    private static function season(mixed $given): ?Season
    {
        $given = $given instanceof \stdClass ? (array) $given : $given;
        if ($given === null || $given === '' || (is_array($given) && ($given['season'] ?? '') === '')) {
            return null;
        }

        return is_array($given) ? Refusal::at('/marks/dress', fn () => Season::of($given))
            : throw Refusal::because('What marks wear is a JSON object.', '/marks/dress');
    }
}
