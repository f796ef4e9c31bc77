<?php

namespace InkyCard\Card\Kind;

/** A kind that says how to reach somebody, by a link. */
abstract class AbstractContactKind extends AbstractKind
{
    public function tunes(): array
    {
        return [...parent::tunes(), 'underline'];
    }
}
