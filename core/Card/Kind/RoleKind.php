<?php

namespace InkyCard\Card\Kind;

final class RoleKind extends AbstractLineKind
{
    public function __construct()
    {
        parent::__construct(
            'role', 'Role', 'briefcase', 'Title, or what you do in plain words.',
            'Principal garden designer',
        );
    }
}
