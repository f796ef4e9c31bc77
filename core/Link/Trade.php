<?php

namespace InkyCard\Link;

/** Whose work a profile kind serves; in the order lists show them. */
enum Trade: string
{
    case General = 'general';

    case Messaging = 'messaging';

    case Reviews = 'reviews';

    case Booking = 'booking';

    case Trades = 'trades';

    case Property = 'property';

    case Health = 'health';

    case Law = 'law';

    case Finance = 'finance';

    case Register = 'register';

    case Design = 'design';

    case Photography = 'photography';

    case Film = 'film';

    case Music = 'music';

    case Writing = 'writing';

    case Research = 'research';

    case Teaching = 'teaching';

    case Code = 'code';

    case Games = 'games';

    case Freelance = 'freelance';

    case Shops = 'shops';

    case Food = 'food';

    case Travel = 'travel';

    case Sport = 'sport';

    case Events = 'events';

    case Donations = 'donations';

    case Maps = 'maps';

    private const LABELS = [
        'general' => 'Networks',
        'messaging' => 'Chats and calls',
        'reviews' => 'Reviews',
        'booking' => 'Booking',
        'trades' => 'Building and trades',
        'property' => 'Property',
        'health' => 'Health and care',
        'law' => 'Law',
        'finance' => 'Finance and tax',
        'register' => 'Registers',
        'design' => 'Design and craft',
        'photography' => 'Photography',
        'film' => 'Film and stage',
        'music' => 'Music',
        'writing' => 'Writing and press',
        'research' => 'Research',
        'teaching' => 'Teaching',
        'code' => 'Software',
        'games' => 'Games',
        'freelance' => 'Freelance work',
        'shops' => 'Shops',
        'food' => 'Food and drink',
        'travel' => 'Travel and stays',
        'sport' => 'Sport',
        'events' => 'Events',
        'donations' => 'Support and donations',
        'maps' => 'Maps and places',
    ];

    public function label(): string
    {
        return self::LABELS[$this->value];
    }

    /**
     * Pages whose absence costs trust in this trade: people look one up before they ask. Empty where they do not.
     *
     * @return list<self> groups one page of which is enough
     */
    public function trustedBy(): array
    {
        return match ($this) {
            self::Law, self::Health, self::Finance => [$this, self::Register, self::Reviews],
            self::Trades, self::Property => [$this, self::Reviews, self::Register],
            self::Food, self::Travel => [$this, self::Reviews],
            self::Research => [self::Research],
            self::Freelance => [self::Freelance, self::Reviews],
            default => [],
        };
    }
}
