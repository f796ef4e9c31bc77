<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Tuning;
use InkyCard\Limits;

/** Everything a step larger or smaller: type, marks, spacing, faces. */
final readonly class Scale implements Edit
{
    /** One step; down is what undoes up. */
    private const STEP = 1.08;

    public function __construct(private bool $larger)
    {
    }

    public function apply(Card $card): Card
    {
        $full = $card->style->full();
        $type = fn (float $size): float => $this->scaled($size, Limits::TYPE, 2);

        return $card->with([
            'style' => $card->style->with([
                'sizes' => array_map($type, $full['sizes']),
                'symbols' => $card->style->symbols->own === null ? []
                    : ['size' => $this->scaled($card->style->symbols->own, Limits::SYMBOL)],
                'marks' => ['size' => $this->scaled($card->style->marks->size, Limits::MARK)],
                'button' => [
                    'high' => $this->scaled($card->style->button->high, Limits::BUTTON),
                    'wide' => $this->scaled($card->style->button->wide, Limits::BUTTON),
                ],
                'gaps' => array_map(
                    fn (float $gap) => $this->scaled($gap, Limits::SPACING),
                    array_diff_key($full['gaps'], ['leading' => 0]),
                ),
            ]),
            'pieces' => array_map(fn (Piece $piece) => $this->piece($piece, $type), $card->pieces),
        ]);
    }

    /** @param  \Closure(float): float  $type */
    private function piece(Piece $piece, \Closure $type): Piece
    {
        $tuning = $piece->tuning;
        $fields = $piece->fields;
        $bounds = $piece->kind->resizes();
        if ($bounds !== null && $bounds[0] === 'size' && is_numeric($fields['size'] ?? null)) {
            $fields['size'] = (int) $this->scaled((float) $fields['size'], [$bounds[1], $bounds[2]]);
        }

        return $piece->with([
            'fields' => $fields,
            'tuning' => Tuning::of(array_filter([
                'size' => $tuning->size === null ? null : $type($tuning->size),
                'call' => $this->call($tuning->call?->toArray() ?? []),
            ]) + $tuning->toArray()),
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $call
     * @return array<array-key, mixed>
     */
    private function call(array $call): array
    {
        foreach (['high', 'wide'] as $padding) {
            if (is_int($call[$padding] ?? null)) {
                $call[$padding] = (int) $this->scaled($call[$padding], Limits::BUTTON);
            }
        }

        return $call;
    }

    /**
     * @param  array{int|float, int|float}  $bounds  smallest and largest
     * @param  int  $parts  of a pixel it is rounded to
     */
    private function scaled(float $size, array $bounds, int $parts = 1): float
    {
        $scaled = round($size * ($this->larger ? self::STEP : 1 / self::STEP) * $parts) / $parts;
        // A step is seen even where it is less than what sizes are rounded to.
        $least = $size === 0.0 ? 0.0 : $size + ($this->larger ? 1 : -1) / $parts;
        $scaled = $scaled === $size ? $least : $scaled;

        return max($bounds[0], min($bounds[1], $scaled));
    }

    public function words(Card $before): string
    {
        return $this->larger ? 'Everything a step larger' : 'Everything a step smaller';
    }
}
