<?php

namespace App\Help;

/** What fields mean that are not clear by themselves: resources/help.php. */
final class Guide
{
    /** @return array<string, array<string, Topic>> heading => topics by key */
    public static function all(): array
    {
        static $all = null;

        return $all ??= array_map(fn (array $topics): array => array_map(
            fn (array $topic): Topic => new Topic(...$topic), $topics,
        ), require resource_path('help.php'));
    }

    /** @param  string  $keys  one, or several with | between: the first there is */
    public static function topic(string $keys): ?Topic
    {
        foreach (explode('|', $keys) as $key) {
            foreach (self::all() as $topics) {
                if (isset($topics[$key])) {
                    return $topics[$key];
                }
            }
        }

        return null;
    }
}
