<?php

namespace InkyCard\Rollout;

/** What somebody comes through until their card is in use and known to be right. */
enum Step: string
{
    case Told = 'told';
    case Asked = 'asked';
    case Filled = 'filled';
    case Took = 'took';
    case Tested = 'tested';
    case Verified = 'verified';

    public function label(): string
    {
        return match ($this) {
            self::Told => 'told', self::Asked => 'asked', self::Filled => 'filled in', self::Took => 'took it',
            self::Tested => 'test came', self::Verified => 'verified',
        };
    }
}
