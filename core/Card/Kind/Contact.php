<?php

namespace InkyCard\Card\Kind;

/** A kind that says how to reach somebody, by a link. */
abstract class Contact extends Base
{
    public function isContact(): bool
    {
        return true;
    }

    public function tunes(): array
    {
        return [...parent::tunes(), 'underline'];
    }
}
