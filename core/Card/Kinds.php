<?php

namespace InkyCard\Card;

use InkyCard\Refusal;

/** Every kind of piece, in the order they are offered. A new kind is its own file and a line here. */
final class Kinds
{
    private const ALL = [
        Kind\Name::class,
        Kind\Role::class,
        Kind\Company::class,
        Kind\Tagline::class,
        Kind\Licence::class,
        Kind\Phone::class,
        Kind\Email::class,
        Kind\Web::class,
        Kind\Headshot::class,
        Kind\Profiles::class,
        Kind\Button::class,
    ];

    /** @var array<string, Kind>|null */
    private static ?array $kinds = null;

    /** @return array<string, Kind> by key */
    public static function all(): array
    {
        if (self::$kinds === null) {
            self::$kinds = [];
            foreach (self::ALL as $class) {
                $kind = new $class;
                self::$kinds[$kind->key()] = $kind;
            }
        }

        return self::$kinds;
    }

    /** @throws Refusal */
    public static function of(mixed $key): Kind
    {
        return is_string($key) && isset(self::all()[$key])
            ? self::all()[$key]
            : throw Refusal::because('There is no such kind of piece; there are: '.implode(', ', array_keys(self::all())).'.');
    }
}
