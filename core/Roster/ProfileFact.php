<?php

namespace InkyCard\Roster;

/** What is kept of somebody, once, for all that is made of it: cards, contacts, pages. */
enum ProfileFact: string
{
    case Name = 'name';
    case Role = 'role';
    case Department = 'department';
    case Addresses = 'addresses';
    case Office = 'office';
    case Direct = 'direct';
    case Mobile = 'mobile';
    case Fax = 'fax';
    case Licence = 'licence';
    case Credentials = 'credentials';
    case Pronouns = 'pronouns';
    case Languages = 'languages';
    case Profiles = 'profiles';
    case Portrait = 'portrait';
    case Hand = 'hand';
    case FirstDay = 'first_day';
    case LastDay = 'last_day';

    public function label(): string
    {
        return match ($this) {
            self::Name => 'Name', self::Role => 'Role', self::Department => 'Department',
            self::Addresses => 'Mail addresses', self::Office => 'Office phone', self::Direct => 'Direct phone',
            self::Mobile => 'Mobile phone', self::Fax => 'Fax', self::Licence => 'Licence',
            self::Credentials => 'Credentials', self::Pronouns => 'Pronouns', self::Languages => 'Languages',
            self::Profiles => 'Profile links', self::Portrait => 'Portrait', self::Hand => 'Written name',
            self::FirstDay => 'First day', self::LastDay => 'Last day',
        };
    }

    /** Whether there can be several of it, one a line. */
    public function isSeveral(): bool
    {
        return $this === self::Addresses || $this === self::Profiles;
    }

    public function isPhone(): bool
    {
        return in_array($this, self::phones(), true);
    }

    public function isDay(): bool
    {
        return $this === self::FirstDay || $this === self::LastDay;
    }

    /** A picture of the library, and no words. */
    public function isPicture(): bool
    {
        return $this === self::Portrait || $this === self::Hand;
    }

    /** @return list<self> the surest to reach somebody first */
    public static function phones(): array
    {
        return [self::Direct, self::Mobile, self::Office, self::Fax];
    }
}
