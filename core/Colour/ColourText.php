<?php

namespace InkyCard\Colour;

use InkyCard\Refusal;

/** Colours as people write them: CSS Color 4 hex, rgb(), hsl(), oklch() and names. */
final class ColourText
{
    /** Of a pasted list, what is looked at. */
    private const MAX_BYTES = 20_000;

    private const NUMBER = '([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d{1,2})?)';

    /**
     * One colour.
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw): Colour
    {
        $text = is_string($raw) ? strtolower(trim($raw)) : '';
        if (strlen($text) > 80) {
            throw Refusal::because('That is too long for a colour.');
        }
        if (preg_match('/^#?(?:[0-9a-f]{4}|[0-9a-f]{8})$/D', $text)
            && ! str_ends_with($text, strlen($text) > 5 ? 'ff' : 'f')) {
            throw self::seeThrough();
        }
        if (preg_match('/^#?(?:[0-9a-f]{3}|[0-9a-f]{4}|[0-9a-f]{6}|[0-9a-f]{8})$/D', $text)) {
            $digits = ltrim($text, '#');

            return Colour::hex(substr($digits, 0, strlen($digits) > 4 ? 6 : 3));
        }
        if (preg_match('/^([a-z]+)\(\s*(.*?)\s*\)$/D', $text, $match)) {
            return self::call($match[1], $match[2]);
        }
        $name
            = self::names()[$text]
            ?? throw Refusal::because(
                'Write the colour as #2f5d3a, rgb(47 93 58), hsl(134 33% 27%), oklch(44% 0.08 151) or a CSS name.',
            );

        return Colour::hex($name);
    }

    /**
     * All colours of a pasted text, labels and all, in order and each once.
     *
     * @return array{found: list<Colour>, not: list<string>} what was read, and lines that hold no colour
     *
     * @throws Refusal when the text is too long or not text
     */
    public static function find(mixed $raw): array
    {
        if (! is_string($raw) || ! mb_check_encoding($raw, 'UTF-8')) {
            throw Refusal::because('Paste the colours as text.');
        }
        if (strlen($raw) > self::MAX_BYTES) {
            throw Refusal::because('That is too much text: paste the colours alone.');
        }
        $found = $not = [];
        foreach (preg_split('/[\r\n;]+|,(?![^(]*\))/', $raw) ?: [] as $part) {
            $part = trim($part);
            if ($part === '') {
                continue;
            }
            $read = self::within($part);
            foreach ($read as $colour) {
                $found[$colour->toHex()] = $colour;
            }
            if ($read === []) {
                $not[] = mb_strimwidth($part, 0, 60, '…');
            }
        }

        return ['found' => array_values($found), 'not' => $not];
    }

    /** @return list<Colour> */
    private static function within(string $part): array
    {
        preg_match_all('/#[0-9a-f]{3,8}\b|\b(?:rgba?|hsla?|oklch)\([^)]*\)|\b[0-9a-f]{6}\b/i', $part, $matches);
        // Words are names only where nothing else is, as "Accent: tomato"; a label such as "Red: #b4502c" is no colour.
        $candidates = $matches[0] !== [] ? $matches[0] : (preg_split('/[^a-z]+/i', $part) ?: []);
        $colours = [];
        foreach ($candidates as $candidate) {
            try {
                $colours[] = self::parse($candidate);
            } catch (Refusal) {
                // Told as not understood when nothing of the line was.
            }
        }

        return $colours;
    }

    /** @throws Refusal */
    private static function call(string $function, string $arguments): Colour
    {
        $channel = self::NUMBER.'(%|deg)?';
        // Commas or spaces between channels, a slash or comma before the alpha.
        $between = '(?:\s*,\s*|\s+)';
        if (
            ! preg_match(
                "/^$channel$between$channel$between$channel(?:\\s*[\\/,]\\s*".self::NUMBER.'(%)?)?$/D', $arguments, $m,
                PREG_UNMATCHED_AS_NULL,
            )
        ) {
            throw Refusal::because('Three numbers stand between the brackets of a colour.');
        }
        if (isset($m[7]) && (float) $m[7] / ($m[8] === '%' ? 100 : 1) < 1) {
            throw self::seeThrough();
        }
        [$one, $two, $three] = [(float) $m[1], (float) $m[3], (float) $m[5]];
        [$u1, $u2, $u3] = [$m[2], $m[4], $m[6]];

        return match ($function) {
            'rgb', 'rgba' => new Colour(self::channel($one, $u1), self::channel($two, $u2), self::channel($three, $u3)),
            'hsl', 'hsla' => self::hsl(
                fmod(fmod($one, 360) + 360, 360),
                self::share($two, 100),
                self::share($three, 100),
            ),
            'oklch' => (new Oklch(
                self::share($one, $u1 === '%' ? 100 : 1),
                max(0.0, min(0.5, $u2 === '%' ? (0.4 * $two) / 100 : $two)),
                fmod(fmod($three, 360) + 360, 360),
            ))->toColour(),
            default => throw Refusal::because('Write the colour as hex, rgb(), hsl(), oklch() or a CSS name.'),
        };
    }

    private static function seeThrough(): Refusal
    {
        return Refusal::because('Mail clients do not mix see-through colours: choose one that covers.');
    }

    private static function channel(float $value, ?string $unit): int
    {
        return (int) round(max(0.0, min(255.0, $unit === '%' ? $value * 2.55 : $value)));
    }

    private static function share(float $value, int $whole): float
    {
        return max(0.0, min(1.0, $value / $whole));
    }

    /** CSS Color 4, section 7.1. */
    private static function hsl(float $hue, float $saturation, float $lightness): Colour
    {
        $part = function (int $n) use ($hue, $saturation, $lightness): int {
            $k = fmod($n + $hue / 30, 12);

            return (int) round(
                255 * ($lightness - $saturation * min($lightness, 1 - $lightness) * max(-1, min($k - 3, 9 - $k, 1))),
            );
        };

        return new Colour($part(0), $part(8), $part(4));
    }

    /** @return array<string, string> */
    private static function names(): array
    {
        static $names = null;

        return $names ??= require __DIR__.'/names.php';
    }
}
