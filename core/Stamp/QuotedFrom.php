<?php

namespace InkyCard\Stamp;

use InkyCard\Verification\MessageContent;

/** Where what its writer wrote ends: from there on a message is quoted, or passed on, to its end. */
final class QuotedFrom
{
    /**
     * @param  list<array{string, bool}>  $lines  words, and whether it is marked as quoted
     * @return int line; as many as there are where nothing quoted ends it
     */
    public static function line(array $lines): int
    {
        $behind = count($lines);
        while ($behind > 0 && $lines[$behind - 1][1]) {
            $behind--;
        }
        foreach ($lines as $number => [$words, $quoted]) {
            if (! $quoted && MessageContent::startsEarlier($words)) {
                // Whoever answers below what they quote has written nothing before it.
                return $number > 0 || ! self::isAnsweredBelow($lines) ? min($number, $behind) : $behind;
            }
        }

        return $behind;
    }

    /** @param  list<array{string, bool}>  $lines */
    private static function isAnsweredBelow(array $lines): bool
    {
        $marked = array_keys(array_filter(array_column($lines, 1)));

        return $marked !== [] && end($marked) < count($lines) - 1;
    }
}
