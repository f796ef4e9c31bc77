<?php

namespace InkyCard\Type;

use InkyCard\Refusal;
use InkyCard\Said;

/** One line of plain text as a person typed it, made safe to keep. */
final class CleanText
{
    /**
     * Valid UTF-8, normal form C, no control characters, runs of white space
     * (line ends too) made one space, at most `$max` graphemes (what a reader
     * would count as characters; UAX #29).
     *
     * @param  string  $label  what the sentence calls the text, such as "name"
     *
     * @throws Refusal
     */
    public static function of(mixed $raw, int $max, string $label): string
    {
        $text = self::utf8($raw, $label);
        // Cheap check first, so that 100 KB never reach the slower ones: a grapheme has at least one byte.
        if (strlen($text) > $max * 64) {
            throw self::tooLong($max, $label);
        }
        $text = \Normalizer::normalize($text, \Normalizer::FORM_C) ?: $text;
        $text = trim((string) preg_replace('/[\s\x{A0}\x{2028}\x{2029}]+/u', ' ', $text));
        if (preg_match('/[\x00-\x1f\x7f\x{80}-\x{9f}\x{fdd0}-\x{fdef}\x{fffe}\x{ffff}]/u', $text)) {
            throw Refusal::because(
                'The :label holds control characters: type it again by hand.', values: ['label' => Said::of($label)],
            );
        }
        if (preg_match('#<[a-z/!?]#i', $text)) {
            throw Refusal::because(
                'The :label is plain text: leave out HTML tags.', values: ['label' => Said::of($label)],
            );
        }
        if ((int) grapheme_strlen($text) > $max) {
            throw self::tooLong($max, $label);
        }

        return $text;
    }

    /**
     * Several items: a text with one a line, as forms bring it, or a list of such lines, as documents do.
     *
     * @param  \Closure(mixed): string  $read
     * @return list<string> empty lines left out
     *
     * @throws Refusal that says which line it means
     */
    public static function several(mixed $given, int $most, \Closure $read): array
    {
        $given = is_string($given) ? preg_split('/\R/u', self::utf8($given, 'text')) : $given;
        if (! is_array($given)) {
            throw Refusal::because('This is text, one item a line.');
        }
        $lines = [];
        foreach (array_values($given) as $number => $raw) {
            if (is_string($raw) && trim($raw) === '') {
                continue;
            }
            if (count($lines) === $most) {
                throw Refusal::because('There is room for :most lines here.', values: ['most' => $most]);
            }
            try {
                $lines[] = $read($raw);
            } catch (Refusal $refusal) {
                throw count($given) === 1
                    ? $refusal
                    : Refusal::because(
                        'Line :number: :says', values: ['number' => $number + 1, 'says' => $refusal->said],
                    );
            }
        }

        return $lines;
    }

    /** @throws Refusal */
    public static function utf8(mixed $raw, string $label): string
    {
        if (! is_string($raw)) {
            throw Refusal::because('The :label must be text.', values: ['label' => Said::of($label)]);
        }
        if (! mb_check_encoding($raw, 'UTF-8')) {
            throw Refusal::because(
                'The :label holds bytes that are not UTF-8: type it again by hand.',
                values: ['label' => Said::of($label)],
            );
        }

        return $raw;
    }

    /** Words of others as they are seen: without marks nobody sees, white space evened out. */
    public static function seen(string $text): string
    {
        return trim((string) preg_replace(
            ['/[\x{200B}-\x{200D}\x{2060}\x{FEFF}\x{AD}\x00-\x08\x0e-\x1f]/u', '/[\s\x{A0}\x{2007}\x{202F}]+/u'],
            ['', ' '],
            mb_scrub($text, 'UTF-8'),
        ));
    }

    private static function tooLong(int $max, string $label): Refusal
    {
        return Refusal::because(
            'The :label is too long: :max characters at most.', values: ['label' => Said::of($label), 'max' => $max],
        );
    }
}
