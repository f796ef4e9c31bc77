<?php

namespace InkyCard\Card\Kind;

final class Department extends TextLine
{
    public function __construct()
    {
        parent::__construct(
            'department', 'Department', 'diagram-3', 'Which part of a large firm you belong to.',
            'Planting',
        );
    }
}
