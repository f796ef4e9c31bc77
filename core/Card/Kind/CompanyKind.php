<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;

final class CompanyKind extends AbstractLineKind
{
    public function __construct()
    {
        parent::__construct(
            'company', 'Company', 'building', 'The firm or practice you write for.',
            'Quillfern Garden Studio', InkRole::Quiet,
        );
    }
}
