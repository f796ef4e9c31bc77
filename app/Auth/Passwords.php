<?php

namespace App\Auth;

use App\Models\User;
use InkyCard\Refusal;

/**
 * Passwords as NIST SP 800-63B-4, 3.1.1.2, wants them: long, none that everybody tries first, none made of what is
 * known of their owner; what they are made of is nobody's business.
 */
final class Passwords
{
    /** Letters, where a password is all there is, and beside a second factor. */
    private const ALONE = 15;

    private const BESIDE = 8;

    /** More takes longer to hash for nothing. */
    private const LONGEST = 200;

    /** Letters of a word of its owner's that count. */
    private const WORD = 4;

    /** @throws Refusal */
    public static function check(string $password, User $owner): void
    {
        $length = mb_strlen($password);
        $least = $owner->second === null ? self::ALONE : self::BESIDE;
        $lower = mb_strtolower($password);
        $says = match (true) {
            $length < $least => __(
                'A password has at least :least letters: a few words will do.', ['least' => $least],
            ),
            $length > self::LONGEST => __('A password has at most :longest letters.', ['longest' => self::LONGEST]),
            ! mb_check_encoding($password, 'UTF-8') || str_contains($password, "\0") => __(
                'Nobody types a sign of this.',
            ),
            count(array_unique(mb_str_split($lower))) < 4 => __('This is few signs over and over.'),
            self::isKnown($lower) => __(
                'This password is among those tried first: it stands in lists of stolen ones.',
            ),
            self::isOwn($lower, $owner) => __('This is little more than your name or address.'),
            default => '',
        };
        if ($says !== '') {
            throw Refusal::because($says, '/password');
        }
    }

    private static function isKnown(string $lower): bool
    {
        static $known = null;
        $known ??= "\n".gzdecode((string) file_get_contents(resource_path('known-passwords.txt.gz')));
        // Twice the same is no other.
        $half = mb_substr($lower, 0, intdiv(mb_strlen($lower), 2));

        return str_contains($known, "\n$lower\n") || ($half.$half === $lower && str_contains($known, "\n$half\n"));
    }

    /** Whether it is made of words of its owner's: fewer than eight letters are left without them. */
    private static function isOwn(string $lower, User $owner): bool
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower("$owner->name $owner->email inkycard inky card")) ?: [];
        $words = array_filter($words, fn (string $word): bool => mb_strlen($word) >= self::WORD);

        return mb_strlen(str_replace($words, '', $lower)) < self::BESIDE;
    }
}
