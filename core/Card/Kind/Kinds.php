<?php

namespace InkyCard\Card\Kind;

use InkyCard\Refusal;

/** Every kind of piece, in the order they are offered. A new kind is its own file and a line here. */
final class Kinds
{
    private const ALL = [
        'name' => NameKind::class,
        'role' => RoleKind::class,
        'company' => CompanyKind::class,
        'department' => DepartmentKind::class,
        'tagline' => TaglineKind::class,
        'pronouns' => PronounsKind::class,
        'credentials' => CredentialsKind::class,
        'licence' => LicenceKind::class,
        'phone' => PhoneKind::class,
        'email' => EmailKind::class,
        'web' => WebKind::class,
        'address' => AddressKind::class,
        'line' => CustomLineKind::class,
        'headshot' => HeadshotKind::class,
        'initials' => InitialsKind::class,
        'logo' => LogoKind::class,
        'picture' => PictureKind::class,
        'closing' => ClosingKind::class,
        'profiles' => ProfilesKind::class,
        'button' => ButtonKind::class,
        'textlink' => TextLinkKind::class,
        'banner' => BannerKind::class,
        'place' => PlaceKind::class,
        'booking' => BookingKind::class,
        'video' => VideoKind::class,
        'event' => EventKind::class,
        'conference' => ConferenceKind::class,
        'payment' => PaymentKind::class,
        'offer' => OfferKind::class,
        'post' => LatestPostKind::class,
        'quote' => QuoteKind::class,
        'notice' => NoticeKind::class,
        'rule' => RuleKind::class,
        'gap' => SpacingKind::class,
        'html' => OwnHtmlKind::class,
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

    /** The first kind that can something. */
    public static function first(Capability $capability): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind->can($capability)) {
                return $kind;
            }
        }

        throw new \LogicException("No kind is $capability->name.");
    }
}
