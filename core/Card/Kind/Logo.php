<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Zone;

final class Logo extends PictureKind
{
    public function __construct()
    {
        parent::__construct('logo', 'Logo', 'badge-tm', 'The mark of the firm.', Zone::Beside, [16, 240], 96, 'Quillfern Garden Studio');
    }
}
