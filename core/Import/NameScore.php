<?php

namespace InkyCard\Import;

use InkyCard\Type\Latin;

/** How much a line looks like somebody's name. */
final class NameScore
{
    /** From this score on it is one. */
    public const NAMED = 2.0;

    /** Longest name, characters and words. */
    private const LONGEST = [50, 5];

    /** Names as people write them: a title, capitals where a script has them, what stands small between them. */
    private const WRITTEN = '/^(?:(?:dr|prof|mr|mrs|ms|mx|ing|mgr|drs|ir|dott|avv|arch|med|h\.c|jur|rer|nat|phil|vet'
        .'|dipl)\.? ?)*(?:(?:[\p{Lu}\p{Lo}][\p{L}\p{M}\'’.-]*|van|von|de|der|den|da|di|du|dos|das|do|del|della|la|le|el'
        .'|al|bin|ibn|bint|zu|zur|af|av|ten|ter|y|e|i)\s*){2,5}$/u';

    /** Written without a space between family and given name. */
    private const UNSPACED = '/^(?:[\p{Han}\p{Hiragana}\p{Katakana}]{2,6}|\p{Hangul}{2,4})$/u';

    /** Larger than the usual text, CSS px. */
    private const LARGE = 15;

    /**
     * @param  int  $index  of the line, from 0
     * @param  string  $mailbox  what stands before the @ of its mail address
     */
    public static function of(ImportedLine $line, int $index, string $mailbox): float
    {
        $name = trim(explode(',', $line->text)[0]);
        $unspaced = preg_match(self::UNSPACED, $name);
        $count = count(preg_split('/\s+/u', $name) ?: []) + $unspaced;
        if (! self::canBe($name, $count)) {
            return 0;
        }

        return max(0, 4 - $index) * 0.7
            + 1.5 * (int) ($count >= 2 && $count <= 4)
            + 1.5 * (int) ($line->size > self::LARGE)
            + 1.0 * (int) $line->bold
            + 2.0 * self::spoken($name, $mailbox)
            + 1.0 * (preg_match(self::WRITTEN, $name) | $unspaced)
            - 3.0 * (int) (Words::within('companies', $name) || Words::flanks('legal-forms', $name))
            - 2.5 * (int) Words::within('roles', $name)
            - 1.0 * (int) ($count === 1);
    }

    private static function canBe(string $name, int $count): bool
    {
        return mb_strlen($name) <= self::LONGEST[0] && $count <= self::LONGEST[1]
            && preg_match('/\d|[@:\/]/', $name) !== 1 && preg_match('/\p{L}/u', $name) === 1 && ! Closing::is($name);
    }

    /** How many of its words are in the mail address. */
    private static function spoken(string $name, string $mailbox): int
    {
        $count = 0;
        foreach (preg_split('/[^\p{L}]+/u', mb_strtolower($name)) ?: [] as $part) {
            $plain = (string) preg_replace('/[^a-z]/', '', Latin::of($part));
            $count += mb_strlen($part) > 2 && $plain !== '' && str_contains($mailbox, $plain) ? 1 : 0;
        }

        return $count;
    }
}
