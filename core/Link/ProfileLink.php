<?php

namespace InkyCard\Link;

/** One profile of a person or firm, recognised by ProfileDirectory. */
final readonly class ProfileLink
{
    /**
     * @param  string  $mark  name of a mark in the open icon set
     * @param  string  $handle  who it is there; empty where the address does not say
     */
    public function __construct(
        public string $kind,
        public string $label,
        public string $address,
        public string $mark,
        public string $handle = '',
    ) {
    }
}
