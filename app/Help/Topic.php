<?php

namespace App\Help;

/** One thing that is explained. */
final readonly class Topic
{
    /** @param  string  $found  other words it is found by */
    public function __construct(public string $title, public string $says, public string $found)
    {
    }
}
