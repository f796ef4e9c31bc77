<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;

final class NameKind extends AbstractLineKind
{
    public function __construct()
    {
        parent::__construct(
            'name', 'Name', 'person-vcard', 'Who writes: the first and most visible line.',
            'Maren Oakhollow', InkRole::Accent, 'name', bold: true,
        );
    }
}
