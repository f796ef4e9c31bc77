<?php

namespace InkyCard\Card\Style;

/** What stands behind a part of the card. */
enum Fill: string
{
    case None = 'none';

    case Paper = 'paper';

    /** The paper with a little of the accent in it. */
    case Tint = 'tint';

    case Accent = 'accent';

    case Body = 'body';

    case Link = 'link';

    public function label(): string
    {
        return match ($this) {
            self::None => 'nothing',
            self::Tint => 'pale accent',
            default => $this->value,
        };
    }
}
