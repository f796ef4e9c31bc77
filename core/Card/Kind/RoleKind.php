<?php

namespace InkyCard\Card\Kind;

final class RoleKind extends AbstractLineKind
{
    protected const CAN = [Capability::Personal, Capability::Role, Capability::InShort];

    public function __construct()
    {
        parent::__construct(
            'role', 'Role', 'briefcase', 'Title, or what you do in plain words.',
            'Principal garden designer',
        );
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty('TITLE', $piece->text('text'))];
    }
}
