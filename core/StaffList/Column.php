<?php

namespace InkyCard\StaffList;

use InkyCard\Roster\ProfileFact;

/** What a column of a list of staff can hold. */
enum Column: string
{
    case Name = 'name';
    case First = 'first';
    case Last = 'last';
    case Title = 'title';
    case Role = 'role';
    case Department = 'department';
    case Address = 'addresses';
    case Office = 'office';
    case Direct = 'direct';
    case Mobile = 'mobile';
    case Fax = 'fax';
    case Licence = 'licence';
    case Credentials = 'credentials';
    case Pronouns = 'pronouns';
    case Languages = 'languages';
    case Profiles = 'profiles';
    case Groups = 'groups';
    case FirstDay = 'first_day';
    case LastDay = 'last_day';
    case External = 'external';
    case None = '';

    public function label(): string
    {
        return match ($this) {
            self::First => 'Given name', self::Last => 'Family name', self::Title => 'Title before the name',
            self::Address => 'Mail address', self::Profiles => 'Profile link', self::Groups => 'Group',
            self::External => 'Number in another system', self::None => 'left out',
            default => ProfileFact::from($this->value)->label(),
        };
    }

    public function isOfName(): bool
    {
        return in_array($this, [self::Name, self::First, self::Last], true);
    }

    /** Whether several columns can hold it. */
    public function isSeveral(): bool
    {
        return in_array($this, [self::Address, self::Profiles, self::Groups, self::None], true);
    }
}
