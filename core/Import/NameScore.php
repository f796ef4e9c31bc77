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

    /** Names as people write them. */
    private const WRITTEN = '/^(?:(?:dr|prof|mr|mrs|ms|mx)\.? )?(?:\p{Lu}[\p{L}\'’.-]*\s*){2,4}$/u';

    /** Larger than the usual text, CSS px. */
    private const LARGE = 15;

    /**
     * @param  int  $index  of the line, from 0
     * @param  string  $mailbox  what stands before the @ of its mail address
     */
    public static function of(ImportedLine $line, int $index, string $mailbox): float
    {
        $name = trim(explode(',', $line->text)[0]);
        $count = count(preg_split('/\s+/u', $name) ?: []);
        if (! self::canBe($name, $count)) {
            return 0;
        }

        return max(0, 4 - $index) * 0.7
            + 1.5 * (int) ($count >= 2 && $count <= 4)
            + 1.5 * (int) ($line->size > self::LARGE)
            + 1.0 * (int) $line->bold
            + 2.0 * self::spoken($name, $mailbox)
            + 1.0 * preg_match(self::WRITTEN, $name)
            - 3.0 * (int) Words::within('companies', $name)
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
