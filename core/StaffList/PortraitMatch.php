<?php

namespace InkyCard\StaffList;

use InkyCard\Type\Latin;

/** Whose portrait a file is, by its name: an address, what stands before its @, or a name in any order. */
final class PortraitMatch
{
    /** Words that say what the file is, and not whose. */
    private const SAID = ['portrait', 'photo', 'picture', 'headshot', 'foto', 'bild', 'img', 'image', 'cropped',
        'final',
        'small', 'large', 'copy', 'web', 'square'];

    /** @var array<string, ?string> words in order of letters => id; null where they fit two */
    private array $by = [];

    /** @param  iterable<array{id: string, name: string, addresses: list<string>}>  $people */
    public function __construct(iterable $people)
    {
        foreach ($people as $one) {
            $keys = [self::key($one['name'])];
            foreach ($one['addresses'] as $address) {
                array_push($keys, self::key($address), self::key((string) strstr($address, '@', true)));
            }
            foreach (array_filter(array_unique($keys)) as $key) {
                $this->by[$key] = array_key_exists($key, $this->by) && $this->by[$key] !== $one['id'] ? null
                    : $one['id'];
            }
        }
    }

    /** @param  string  $file  its name, with folders before it */
    public function find(string $file): ?string
    {
        $name = (string) preg_replace('/\.[a-z0-9]{2,5}$/i', '', basename(str_replace('\\', '/', $file)));

        return $this->by[self::key($name)] ?? null;
    }

    private static function key(string $text): string
    {
        $words = preg_split('/[^a-z]+/', Latin::of($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $words = array_values(array_diff($words, self::SAID));
        sort($words);

        return implode(' ', $words);
    }
}
