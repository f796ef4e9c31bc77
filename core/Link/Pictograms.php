<?php

namespace InkyCard\Link;

/** Pictograms a link can have for its own mark. */
final class Pictograms
{
    /** @return array<string, list<string>> what they show => names in the open icon set */
    public static function all(): array
    {
        return require __DIR__.'/pictograms.php';
    }

    public static function has(string $name): bool
    {
        return in_array($name, array_merge(...array_values(self::all())), true);
    }
}
