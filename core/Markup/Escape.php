<?php

namespace InkyCard\Markup;

use function htmlspecialchars;
use function str_contains;

/** The one place where values become markup: nothing else calls `htmlspecialchars`, which a test holds to. */
final class Escape
{
    /** A value as it stands in text or between double quotes (HTML 5). */
    public static function html(string $text): string
    {
        // Most of what comes has nothing to escape. Looking for one sign at a time takes as long for an address of
        // a hundred as for a name.
        return ! str_contains($text, '&') && ! str_contains($text, '<') && ! str_contains($text, '>')
            && ! str_contains($text, '"')
            ? $text
            : htmlspecialchars($text, ENT_COMPAT | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }
}
