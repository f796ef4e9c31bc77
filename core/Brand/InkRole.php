<?php

namespace InkyCard\Brand;

/** What an ink is for. Pieces name roles, so one changed ink changes every piece that uses it. */
enum InkRole: string
{
    case Body = 'body';
    case Accent = 'accent';
    case Quiet = 'quiet';
    case Link = 'link';
    case Paper = 'paper';

    /** Role => colour a card and a brand start with. */
    public const DEFAULTS = [
        'body' => '#222222', 'accent' => '#1f5fa8', 'quiet' => '#5a5a5a', 'link' => '#1f5fa8', 'paper' => '#ffffff',
    ];

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
