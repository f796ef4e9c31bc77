<?php

namespace InkyCard\Card\Style;

use InkyCard\Refusal;
use InkyCard\Said;

/** A number somebody typed or a document holds. */
final class Number
{
    /**
     * @param  array{0: int, 1: int}  $bounds  smallest and largest allowed
     *
     * @throws Refusal
     */
    public static function within(mixed $raw, array $bounds, string $label, string $path): ?float
    {
        if ($raw === null) {
            return null;
        }
        [$least, $most] = $bounds;
        if (is_string($raw) && preg_match('/^\s*-?\d{1,6}(\.\d{1,3})?\s*$/D', $raw)) {
            $raw = (float) $raw;
        }
        if (! is_int($raw) && ! is_float($raw) || ! is_finite((float) $raw) || $raw < $least || $raw > $most) {
            throw Refusal::because(
                'The :label is a number of pixels from :least to :most.',
                $path, ['label' => Said::of($label), 'least' => $least, 'most' => $most],
            );
        }

        return (float) $raw;
    }
}
