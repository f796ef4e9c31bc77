<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Refusal;

/** The colour within a value of a style. */
final class StyleColour
{
    public const PATTERN = '/#[0-9a-f]{3,8}\b|\brgba?\([^)]*\)|\b(?!solid|dashed|dotted|none|inherit|transparent|auto'
        .'|double|medium|thin|thick)[a-z]{3,20}\b/i';

    /** The colour in a value such as `#fff`, `1px solid red` or `url(…) no-repeat white`; null when it names none. */
    public static function in(string $value): ?Colour
    {
        /** @var array<string, Colour|false> $read */
        static $read = [];
        if (count($read) > 2000) {
            $read = [];
        }
        $known = $read[$value] ?? null;
        if ($known === null) {
            $known = false;
            foreach (
                preg_match_all(self::PATTERN, (string) preg_replace('/url\([^)]*\)/', '', $value), $found) > 0
                    ? $found[0]
                    : [] as $candidate
            ) {
                try {
                    // A see-through colour is turned as if it covered.
                    $known = ColourText::parse(
                        (string) preg_replace('/^rgba\(([^,]+,[^,]+,[^,]+),.*$/i', 'rgb($1)', $candidate),
                    );
                    break;
                } catch (Refusal) {
                    // A word that is no colour.
                }
            }
            $read[$value] = $known;
        }

        return $known ?: null;
    }
}
