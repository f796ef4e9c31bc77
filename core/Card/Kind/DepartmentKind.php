<?php

namespace InkyCard\Card\Kind;

final class DepartmentKind extends AbstractLineKind
{
    protected const CAN = [Capability::Department];

    public function __construct()
    {
        parent::__construct(
            'department', 'Department', 'diagram-3', 'Which part of a large firm you belong to.',
            'Planting',
        );
    }
}
