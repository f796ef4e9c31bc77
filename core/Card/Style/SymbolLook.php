<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Limits;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;

/** Symbols before contact lines. */
final readonly class SymbolLook
{
    public const DEFAULTS = ['shape' => 'none', 'ink' => 'accent', 'size' => null];

    /** Pictograms alone are as tall as the text; on a background of their own a little taller. */
    private const BY_TEXT = ['bare' => 1.0, 'other' => 1.3];

    /**
     * @param  ?Shape  $shape  null for no symbols
     * @param  ?int  $own  width and height, CSS px; null for by the size of the text
     */
    private function __construct(public ?Shape $shape, public InkRole $ink, public ?int $own)
    {
    }

    /**
     * @param  float  $text  size of the text beside them, CSS px
     * @return int width and height, CSS px
     */
    public function size(float $text): int
    {
        return $this->own
            ?? (int) round($text * self::BY_TEXT[$this->shape === Shape::Bare ? 'bare' : 'other']);
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
            $given->optionalPixels('size', Limits::SYMBOL, 'size of symbols'),
        );
    }
}
