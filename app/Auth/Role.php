<?php

namespace App\Auth;

/** What somebody is in a workspace. */
enum Role: string
{
    case Owner = 'owner';
    case Maker = 'maker';
    case Coordinator = 'coordinator';
    case Reader = 'reader';

    public function may(Ability $ability): bool
    {
        return in_array($ability, $this->abilities(), true);
    }

    /** @return list<Ability> */
    public function abilities(): array
    {
        return match ($this) {
            self::Owner => Ability::cases(),
            self::Maker => [Ability::See, Ability::HandOver, Ability::People, Ability::Make],
            self::Coordinator => [Ability::See, Ability::HandOver, Ability::People],
            self::Reader => [Ability::See],
        };
    }

    /** In a few words, for who chooses one. */
    public function says(): string
    {
        return match ($this) {
            self::Owner => __('everything, members and settings too'),
            self::Maker => __('cards, brand, pictures, banners, campaigns'),
            self::Coordinator => __('who has which card, handing over'),
            self::Reader => __('cards and numbers, to look at'),
        };
    }
}
