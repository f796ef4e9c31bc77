<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Roster\ProfileFact;

final class PronounsKind extends AbstractLineKind
{
    protected const CAN = [Capability::Personal];

    protected const FACT = ProfileFact::Pronouns;

    public function __construct()
    {
        parent::__construct(
            'pronouns', 'Pronouns', 'person', 'How you would like to be spoken of.',
            'she/her', InkRole::Quiet, 'small',
        );
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty('PRONOUNS', $piece->text('text'))];
    }
}
