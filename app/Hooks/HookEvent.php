<?php

namespace App\Hooks;

/** What an address can be told of. */
enum HookEvent: string
{
    case CardChanged = 'card.changed';
    case CardArchived = 'card.archived';
    case CardTaken = 'card.taken';
    case BannerPut = 'banner.put';
    case RecipientLeft = 'recipient.left';
    /** Told to one address alone, to try it. */
    case Test = 'test';

    /** @return list<self> those to choose from */
    public static function choices(): array
    {
        return [self::CardChanged, self::CardArchived, self::CardTaken, self::BannerPut, self::RecipientLeft];
    }

    public function says(): string
    {
        return match ($this) {
            self::CardChanged => __('a card was begun or changed, a minute after the last edit'),
            self::CardArchived => __('a card was put in the archive'),
            self::CardTaken => __('a card was taken for a destination'),
            self::BannerPut => __('readers see another banner from now on'),
            self::RecipientLeft => __('somebody unsubscribed'),
            self::Test => 'a test',
        };
    }

    /** Seconds its subject rests before it is told; what happens to it meanwhile is told in one. */
    public function rests(): int
    {
        return $this === self::CardChanged ? 60 : 0;
    }
}
