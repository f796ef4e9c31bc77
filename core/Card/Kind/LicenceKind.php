<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Link\LinkedWords;
use InkyCard\Roster\ProfileFact;

final class LicenceKind extends AbstractLineKind
{
    protected const CAN = [Capability::Personal, Capability::Licence, Capability::InShort];

    protected const FACT = ProfileFact::Licence;

    public function __construct()
    {
        parent::__construct(
            'licence', 'Licence', 'patch-check', 'The registration number a licensed trade must show.',
            'Registered garden designer GD-20417', InkRole::Quiet, 'small',
        );
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty('NOTE', LinkedWords::words($piece->text('text')))];
    }

    protected function isSentence(): bool
    {
        return true;
    }
}
