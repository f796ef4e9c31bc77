<?php

namespace InkyCard\Layout\Own;

use InkyCard\Markup\Element;

/** Lengths in a style, CSS px. */
final class OwnSides
{
    private const NAMES = ['top', 'right', 'bottom', 'left'];

    /**
     * A property of four sides, by itself or side by side; what nothing says is as it was.
     *
     * @param  array{float, float, float, float}  $usual  top, right, bottom, left
     * @return array{float, float, float, float}
     */
    public static function of(Element $element, string $property, float $size, array $usual): array
    {
        $all = $element->property($property);
        if ($all !== null) {
            $said = preg_split('/\s+/', trim($all)) ?: [''];
            $said = [$said[0], $said[1] ?? $said[0], $said[2] ?? $said[0], $said[3] ?? $said[1] ?? $said[0]];
            $usual = array_map(fn (string $one, float $was) => self::length($one, $size) ?? $was, $said, $usual);
        }
        foreach (self::NAMES as $index => $name) {
            $usual[$index] = self::length((string) $element->property("$property-$name"), $size) ?? $usual[$index];
        }

        return [$usual[0], $usual[1], $usual[2], $usual[3]];
    }

    /** @return array{float, float, float, float} widths of borders that show */
    public static function borders(Element $element, float $size): array
    {
        $widths = [];
        foreach (self::NAMES as $name) {
            $said = $element->property("border-$name") ?? $element->property('border') ?? '';
            $shows = preg_match('/\b(?:solid|dashed|dotted|double|groove|ridge|inset|outset)\b/i', $said) === 1;
            $widths[] = $shows ? self::length($said, $size) ?? 3.0 : 0.0;
        }

        return [$widths[0], $widths[1], $widths[2], $widths[3]];
    }

    /** The first length in a value; null where there is none, as in `auto` or a share. */
    public static function length(string $value, float $size): ?float
    {
        return preg_match('/(?<![\w#.])(\d*\.?\d+)(px|pt|em|rem)?(?![\w%.])/i', $value, $match) === 1
            ? (float) $match[1] * (['pt' => 4 / 3, 'em' => $size, 'rem' => 16][strtolower($match[2] ?? '')] ?? 1)
            : null;
    }
}
