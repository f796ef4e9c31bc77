<?php

namespace InkyCard\Card;

/** On a card shared by a team: who says what a piece holds. */
enum FilledBy: string
{
    /** Locked: the same on everybody's card. */
    case Us = 'us';

    /** A blank each person fills in. */
    case Person = 'person';

    /** A value each person may change or hide. */
    case Free = 'free';
}
