<?php

namespace InkyCard\Proof;

use InkyCard\Card\Edit\Edit;

/** An edit that clears a finding and raises no other. */
final readonly class Mend
{
    /** @param  string  $label  what its button says, such as "Wrap it" */
    public function __construct(public string $label, public Edit $edit)
    {
    }
}
