<?php

namespace InkyCard\Card\Kind;

final class Role extends TextLine
{
    public function __construct()
    {
        parent::__construct(
            'role', 'Role', 'briefcase', 'Title, or what you do in plain words.',
            'Principal garden designer',
        );
    }
}
