<?php

namespace App\Search;

/** Something found. */
final readonly class Hit
{
    /** @param  ?string  $to  address it leads to; null for what only says something */
    public function __construct(public string $label, public string $note = '', public ?string $to = null)
    {
    }
}
