<?php

namespace InkyCard\Link;

use InkyCard\Refusal;
use InkyCard\Type\Line;

/** Knows which network or directory a profile's address belongs to. */
final class ProfileDirectory
{
    /** Mark for an address no row knows: a chain link from the open icon set. */
    public const UNKNOWN = 'link-45deg';

    /** @var array<string, array{label: string, hosts: list<string>, mark: string, path: string, to?: string}> */
    private static array $kinds = [];

    /** @var array<string, ProfileLink> lines read lately */
    private static array $read = [];

    /** @var array<string, string> host => kind */
    private static array $hosts = [];

    /**
     * Reads one pasted line: an address, or a label, a colon and an address,
     * such as `Portfolio: quillfern.example/work`.
     *
     * @throws Refusal
     */
    public static function read(mixed $raw): ProfileLink
    {
        if (! is_string($raw) || strlen($raw) > 200) {
            return self::recognise($raw);
        }
        // The links of a card are read again at every composing.
        if (count(self::$read) > 500) {
            self::$read = [];
        }

        return self::$read[$raw] ??= self::recognise($raw);
    }

    private static function recognise(mixed $raw): ProfileLink
    {
        $text = Line::of($raw, 2000, 'profile address');
        $label = '';
        if (preg_match('/^([^:\/.]{1,40}):\s+(\S.*)$/u', $text, $match)) {
            [, $label, $text] = $match;
        }
        $web = WebAddress::parse($text, 'profile address');
        self::load();
        $key = self::$hosts[$web->host] ?? null;
        if ($key === null) {
            // Kept as it is: an address the directory does not know is still somebody's profile.
            return new ProfileLink('other', $label ?: $web->host, $web->address, self::UNKNOWN);
        }
        $kind = self::$kinds[$key];
        if (! preg_match('~^'.$kind['path'].'/?(?:[?#].*)?$~iu', $web->path, $match)) {
            return new ProfileLink($key, $label ?: $kind['label'], $web->address, $kind['mark']);
        }
        $address = isset($kind['to'])
            ? str_replace('{handle}', $match[1], $kind['to'])
            // Query and fragment of a profile page only track where the address was copied.
            : rtrim((string) strtok($web->address, '?#'), '/');

        return new ProfileLink($key, $label ?: $kind['label'], $address, $kind['mark']);
    }

    /** @return list<string> every mark a profile link can carry */
    public static function marks(): array
    {
        self::load();

        return [self::UNKNOWN, ...array_column(self::$kinds, 'mark')];
    }

    private static function load(): void
    {
        if (self::$kinds === []) {
            self::$kinds = require __DIR__.'/profiles.php';
            foreach (self::$kinds as $key => $kind) {
                self::$hosts += array_fill_keys($kind['hosts'], $key);
            }
        }
    }
}
