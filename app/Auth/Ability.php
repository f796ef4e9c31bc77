<?php

namespace App\Auth;

/** What can be done in a workspace, as the table of docs/keeping.md says it. */
enum Ability: string
{
    case See = 'see';
    case HandOver = 'hand-over';
    case People = 'people';
    case Make = 'make';
    case Run = 'run';

    /** What it lets somebody do. */
    public function says(): string
    {
        return match ($this) {
            self::See => __('look at cards, their proof and the numbers'),
            self::HandOver => __('take cards, and try them in the mail tray'),
            self::People => __('people, rollouts, and which card goes under whose messages'),
            self::Make => __('make cards, brand, pictures, banners, footers and letters'),
            self::Run => __('members and settings'),
        };
    }
}
