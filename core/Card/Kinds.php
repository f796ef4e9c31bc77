<?php

namespace InkyCard\Card;

use InkyCard\Refusal;

/** Every kind of piece, in the order they are offered. A new kind is its own file and a line here. */
final class Kinds
{
    private const ALL = [
        'name' => Kind\Name::class,
        'role' => Kind\Role::class,
        'company' => Kind\Company::class,
        'tagline' => Kind\Tagline::class,
        'licence' => Kind\Licence::class,
        'phone' => Kind\Phone::class,
        'email' => Kind\Email::class,
        'web' => Kind\Web::class,
        'headshot' => Kind\Headshot::class,
        'profiles' => Kind\Profiles::class,
        'button' => Kind\Button::class,
    ];

    /** @var array<string, Kind> made when first asked for */
    private static array $kinds = [];

    /** @return array<string, Kind> by key */
    public static function all(): array
    {
        $all = [];
        foreach (self::ALL as $key => $class) {
            $all[$key] = self::$kinds[$key] ??= new $class;
        }

        return $all;
    }

    /** @throws Refusal */
    public static function of(mixed $key): Kind
    {
        return is_string($key) && isset(self::ALL[$key])
            ? self::$kinds[$key] ??= new (self::ALL[$key])
            : throw Refusal::because('There is no such kind of piece; there are: '.implode(', ', array_keys(self::ALL)).'.');
    }
}
