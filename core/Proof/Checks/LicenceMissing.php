<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\MissingCompliance;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** A trade rule of the brand asks for it (complaint X42). */
final class LicenceMissing extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('licence', 'Licence line is missing', Area::Facts, Severity::Blocks);
    }

    public function find(Subject $subject): array
    {
        return MissingCompliance::missing($subject->card, $subject->brand)?->licence === true
            ? [
                $this->found(
                    'By the brand\'s rules this role shows its licence number. Only its holder knows it: add it on '
                        .'the bench.',
                ),
            ]
            : [];
    }
}
