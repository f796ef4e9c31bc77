<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Refusal;

/** Changes parts of the card's style: inks, typeface, sizes, rule, marks. What comes as it is already is left out. */
final readonly class Restyle implements Edit
{
    /** @param  array<array-key, mixed>  $changes  parts of the style document */
    public function __construct(private array $changes)
    {
    }

    public function apply(Card $card): Card
    {
        $changes = self::changed($this->changes, $card->style->full());

        return $changes === []
            ? $card
            : $card->with(['style' => Refusal::at('/style', fn () => $card->style->with($changes))]);
    }

    public function words(Card $before): string
    {
        $parts = [];
        foreach (self::changed($this->changes, $before->style->full()) as $group => $value) {
            $parts[] = is_array($value) ? $group.' '.implode(', ', array_keys($value)) : $group;
        }

        return 'Style: '.(implode('; ', $parts) ?: 'as it was').(count($parts) > 0 ? ' changed' : '');
    }

    /**
     * @param  array<array-key, mixed>  $given  a form's numbers are text
     * @param  array<array-key, mixed>  $has
     * @return array<array-key, mixed>
     */
    private static function changed(array $given, array $has): array
    {
        $changed = [];
        foreach ($given as $key => $value) {
            $now = $has[$key] ?? null;
            if (is_array($value) && is_array($now)) {
                $inner = self::changed($value, $now);
                if ($inner !== []) {
                    $changed[$key] = $inner;
                }
            } elseif (! self::same($value, $now)) {
                $changed[$key] = $value;
            }
        }

        return $changed;
    }

    private static function same(mixed $one, mixed $other): bool
    {
        $plain = fn (mixed $value): mixed => is_bool($value)
        || is_int($value)
        || (is_string($value) && is_numeric($value))
            ? (float) $value
            : $value;

        return $plain($one) === $plain($other);
    }
}
