<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;

final class LicenceKind extends AbstractLineKind
{
    public function __construct()
    {
        parent::__construct(
            'licence', 'Licence', 'patch-check', 'The registration number a licensed trade must show.',
            'Registered garden designer GD-20417', InkRole::Quiet, 'small',
        );
    }
}
