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
        'department' => Kind\Department::class,
        'tagline' => Kind\Tagline::class,
        'pronouns' => Kind\Pronouns::class,
        'credentials' => Kind\Credentials::class,
        'licence' => Kind\Licence::class,
        'phone' => Kind\Phone::class,
        'email' => Kind\Email::class,
        'web' => Kind\Web::class,
        'address' => Kind\Address::class,
        'line' => Kind\CustomLine::class,
        'headshot' => Kind\Headshot::class,
        'logo' => Kind\Logo::class,
        'picture' => Kind\Picture::class,
        'closing' => Kind\Closing::class,
        'profiles' => Kind\Profiles::class,
        'button' => Kind\Button::class,
        'textlink' => Kind\TextLink::class,
        'banner' => Kind\Banner::class,
        'booking' => Kind\Booking::class,
        'video' => Kind\Video::class,
        'event' => Kind\Event::class,
        'conference' => Kind\Conference::class,
        'payment' => Kind\Payment::class,
        'offer' => Kind\Offer::class,
        'post' => Kind\LatestPost::class,
        'quote' => Kind\Quote::class,
        'notice' => Kind\Notice::class,
        'rule' => Kind\RulePiece::class,
        'gap' => Kind\GapPiece::class,
        'html' => Kind\OwnHtml::class,
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
            : throw Refusal::because('There is no such kind of piece: docs/formats.md lists them.');
    }
}
