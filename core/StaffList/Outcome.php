<?php

namespace InkyCard\StaffList;

/** What becomes of a row of a list. */
enum Outcome: string
{
    case New = 'new';
    case Changed = 'changed';
    case Same = 'same';
    case Unclear = 'unclear';
    case Twice = 'twice';

    public function label(): string
    {
        return match ($this) {
            self::New => 'New', self::Changed => 'Changed', self::Same => 'As they are',
            self::Unclear => 'Not understood',
            self::Twice => 'There twice',
        };
    }

    /** Whether something is written for it. */
    public function isTaken(): bool
    {
        return $this === self::New || $this === self::Changed;
    }
}
