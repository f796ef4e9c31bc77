<?php

namespace InkyCard\Markup;

/** Elements that begin a line and end one. */
final class Blocks
{
    private const LINES = [
        'br', 'p', 'div', 'tr', 'table', 'li', 'ul', 'ol', 'hr', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'blockquote',
        'pre',
        'dd', 'dt', 'dl', 'address', 'center',
    ];

    private const CELLS = ['td', 'th'];

    public static function isLine(string $name): bool
    {
        return in_array($name, self::LINES, true);
    }

    public static function isCell(string $name): bool
    {
        return in_array($name, self::CELLS, true);
    }
}
