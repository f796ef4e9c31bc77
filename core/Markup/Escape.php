<?php

namespace InkyCard\Markup;

/** The one place where values become markup: nothing else calls `htmlspecialchars`, which a test holds to. */
final class Escape
{
    /** A value as it stands in text or between double quotes (HTML 5). */
    public static function html(string $text): string
    {
        // Most of what comes has nothing to escape, and looking costs less than escaping.
        return strpbrk($text, '&<>"') === false
            ? $text
            : htmlspecialchars($text, ENT_COMPAT | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }
}
