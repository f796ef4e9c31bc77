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

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
