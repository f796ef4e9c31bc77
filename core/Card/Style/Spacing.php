<?php

namespace InkyCard\Card\Style;

use InkyCard\Limits;
use InkyCard\Refusal;

/** Room between what stands on the card. */
final readonly class Spacing
{
    public const DEFAULTS = ['above' => 0, 'lines' => 2, 'blocks' => 12, 'columns' => 16, 'leading' => 1.4];

    /**
     * @param  int  $above  the card, CSS px
     * @param  int  $lines  between lines of text, CSS px
     * @param  int  $blocks  between other blocks, CSS px
     * @param  int  $columns  between columns, and from a rule, CSS px
     * @param  float  $lineHeight  by type size
     */
    private function __construct(
        public int $above,
        public int $lines,
        public int $blocks,
        public int $columns,
        public float $lineHeight,
    ) {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        return new self(
            (int) $given->pixels('above', Limits::SPACING),
            (int) $given->pixels('lines', Limits::SPACING),
            (int) $given->pixels('blocks', Limits::SPACING),
            (int) $given->pixels('columns', Limits::SPACING),
            self::lineHeight($given->values['leading']),
        );
    }

    private static function lineHeight(mixed $given): float
    {
        [$least, $most] = Limits::LINE_HEIGHT;

        return (is_int($given) || is_float($given)) && $given >= $least && $given <= $most ? (float) $given
            : throw Refusal::because(
                'The line height is :least to :most times the type size.',
                '/gaps/leading', ['least' => $least, 'most' => $most],
            );
    }
}
