<?php

namespace InkyCard\Card;

/** On a card shared by a team: who says what a piece holds. */
enum FilledBy: string
{
    /** Locked: the same on everybody's card. */
    case Us = 'us';

    /** A blank each person fills in, or leaves out. */
    case Person = 'person';

    /** A blank each person has to fill in. */
    case Must = 'must';

    /** A value each person may change or hide. */
    case Free = 'free';

    public function isBlank(): bool
    {
        return $this === self::Person || $this === self::Must;
    }
}
