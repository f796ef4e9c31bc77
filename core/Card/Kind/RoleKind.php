<?php

namespace InkyCard\Card\Kind;

use InkyCard\Roster\ProfileFact;

final class RoleKind extends AbstractLineKind
{
    protected const CAN = [Capability::Personal, Capability::Role, Capability::InShort];

    protected const FACT = ProfileFact::Role;

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
