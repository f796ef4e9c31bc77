<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;

final class CompanyKind extends AbstractLineKind
{
    protected const CAN = [Capability::Firm, Capability::StandsForName, Capability::InShort];

    public function __construct()
    {
        parent::__construct(
            'company', 'Company', 'building', 'The firm or practice you write for.',
            'Quillfern Garden Studio', InkRole::Quiet,
        );
    }

    public function standing(Standing $known): array
    {
        return ['text' => $known->brand->lines->company];
    }
}
