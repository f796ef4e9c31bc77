<?php

namespace InkyCard\Card\Kind;

use InkyCard\Roster\ProfileFact;

final class DepartmentKind extends AbstractLineKind
{
    protected const CAN = [Capability::Department];

    protected const FACT = ProfileFact::Department;

    public function __construct()
    {
        parent::__construct(
            'department', 'Department', 'diagram-3', 'Which part of a large firm you belong to.',
            'Planting',
        );
    }
}
