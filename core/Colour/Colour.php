<?php

namespace InkyCard\Colour;

use InkyCard\Refusal;

/** An opaque sRGB colour, channels 0-255. */
final readonly class Colour
{
    /** Lower-case `#rrggbb`: the only form every mail client reads alike. */
    public string $hex;

    public function __construct(public int $red, public int $green, public int $blue)
    {
        $this->hex = sprintf('#%02x%02x%02x', $red, $green, $blue);
        foreach ([$red, $green, $blue] as $channel) {
            if ($channel < 0 || $channel > 255) {
                throw Refusal::because('A colour channel lies between 0 and 255.');
            }
        }
    }

    /**
     * Reads `#rgb` or `#rrggbb`, with or without the number sign.
     *
     * @throws Refusal
     */
    public static function hex(string $hex): self
    {
        if (! preg_match('/^#?([0-9a-f]{3}|[0-9a-f]{6})$/iD', trim($hex), $match)) {
            throw Refusal::because('Write the colour as six hexadecimal digits, such as #2f5d3a.');
        }
        $digits = strlen($match[1]) === 3 ? preg_replace('/./', '$0$0', $match[1]) : $match[1];
        [$red, $green, $blue] = array_map('hexdec', str_split((string) $digits, 2));

        return new self((int) $red, (int) $green, (int) $blue);
    }

    public function equals(self $other): bool
    {
        return $this->hex === $other->hex;
    }

    /** sRGB transfer function, IEC 61966-2-1. */
    public static function linear(int $channel): float
    {
        $value = $channel / 255;

        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }
}
