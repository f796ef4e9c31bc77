<?php

namespace App\Bench;

/** One piece of advice. */
final readonly class AdviceLine
{
    /**
     * @param  bool  $good  nothing to look at
     * @param  string  $figure  stands out before what it says; empty for none
     */
    public function __construct(public bool $good, public string $says, public string $figure = '')
    {
    }
}
