<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Link\LinkedWords;

final class LicenceKind extends AbstractLineKind
{
    protected const CAN = [Capability::Personal, Capability::Licence, Capability::InShort];

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
