<?php

namespace InkyCard\Colour;

use InkyCard\Refusal;

/** Colours as people write them: hex, names and the functions of CSS Color 4. */
final class ColourText
{
    /** Of a pasted list, what is looked at. */
    private const MAX_BYTES = 20_000;

    /** A colour among words. */
    private const WRITTEN = '/#[0-9a-f]{3,8}\b|\b(?:rgba?|hsla?|hwb|(?:ok)?l(?:ab|ch))\([^)]*\)|\b[0-9a-f]{6}\b/i';

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
            throw ColourFunction::seeThrough();
        }
        if (preg_match('/^#?(?:[0-9a-f]{3}|[0-9a-f]{4}|[0-9a-f]{6}|[0-9a-f]{8})$/D', $text)) {
            $digits = ltrim($text, '#');

            return Colour::hex(substr($digits, 0, strlen($digits) > 4 ? 6 : 3));
        }
        if (preg_match('/^([a-z]+)\(\s*(.*?)\s*\)$/D', $text, $match)) {
            return ColourFunction::colour($match[1], $match[2]);
        }
        if ($text === 'transparent') {
            throw ColourFunction::seeThrough();
        }
        $name = self::names()[$text] ?? throw ColourFunction::unread();

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
                $found[$colour->hex] = $colour;
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
        preg_match_all(self::WRITTEN, $part, $matches);
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

    /** @return array<string, string> */
    private static function names(): array
    {
        static $names = null;

        return $names ??= require __DIR__.'/names.php';
    }
}
