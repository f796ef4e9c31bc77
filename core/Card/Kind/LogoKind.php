<?php

namespace InkyCard\Card\Kind;

final class LogoKind extends AbstractPictureKind
{
    public function __construct()
    {
        parent::__construct(
            'logo', 'Logo', 'badge-tm', 'The mark of the firm.', Zone::Beside, [16, 240], 96, 'Quillfern Garden Studio',
        );
    }
}
