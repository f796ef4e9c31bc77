<?php

namespace InkyCard\Import;

/** What letters close with, above the name. */
final class Closing
{
    public static function is(string $text): bool
    {
        return Words::begins('closings', $text) || Words::is('closings-alone', $text);
    }

    /** A few words and a comma: a closing nobody has in a list, if a name follows. */
    public static function mayBe(string $text): bool
    {
        return preg_match('/^\p{L}[\p{L}\'’-]*(?: [\p{L}\'’-]+){0,3},$/u', $text) === 1;
    }
}
