<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Roster\ProfileFact;

final class NameKind extends AbstractLineKind
{
    protected const CAN = [Capability::Personal, Capability::Holder, Capability::InShort];

    protected const FACT = ProfileFact::Name;

    public function __construct()
    {
        parent::__construct(
            'name', 'Name', 'person-vcard', 'Who writes: the first and most visible line.',
            'Maren Oakhollow', InkRole::Accent, 'name', bold: true,
        );
    }

    public function standing(Standing $known): array
    {
        return ['text' => $known->holder];
    }
}
