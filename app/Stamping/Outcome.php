<?php

namespace App\Stamping;

/** What became of a message a mail server handed in. */
enum Outcome: string
{
    case Stamped = 'stamped';
    case Replaced = 'replaced';
    case There = 'there';
    case Off = 'off';
    case Nobody = 'nobody';
    case Left = 'left';
    case Unfilled = 'unfilled';
    case Signed = 'signed';
    case Encrypted = 'encrypted';
    case Calendar = 'calendar';
    case Automatic = 'automatic';
    case Mailing = 'mailing';
    case PassedOn = 'passed-on';
    case Wordless = 'wordless';
    case Odd = 'odd';
    case NoPlace = 'no-place';
    case Large = 'large';
    case Fault = 'fault';

    /** As a page tells it, behind a number of messages. */
    public function words(): string
    {
        return match ($this) {
            self::Stamped => __('got their sender’s card'),
            self::Replaced => __('had an older card, which made room for today’s'),
            self::There => __('had the card already'),
            self::Off => __('came while this was off'),
            self::Nobody => __('are from an address nobody’s card goes with'),
            self::Left => __('are from somebody whose last day is past'),
            self::Unfilled => __('are from somebody whose card lacks what must be filled in'),
            self::Signed => __('are signed, and would not be any more'),
            self::Encrypted => __('are encrypted'),
            self::Calendar => __('are invitations'),
            self::Automatic => __('were written by a program'),
            self::Mailing => __('go to a list'),
            self::PassedOn => __('are passed on as they were'),
            self::Wordless => __('are files without words'),
            self::Odd => __('are not written as messages are'),
            self::NoPlace => __('have no place for it that is sure'),
            self::Large => __('are larger than is read'),
            self::Fault => __('met a fault, which is in the log'),
        };
    }

    /** Whether whoever looks after it should know. */
    public function isTrouble(): bool
    {
        return in_array($this, [self::Unfilled, self::NoPlace, self::Fault], true);
    }
}
