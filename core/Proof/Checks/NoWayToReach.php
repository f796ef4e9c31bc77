<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Forwarded, the message has lost its sender's address (need B09). */
final class NoWayToReach extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('no-contact', 'No way to reach you', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        return $subject->pieces(Capability::Reach) !== [] ? [] : [$this->found(
            'No number, no mail address, no page. Whoever gets this message forwarded cannot answer.',
        )];
    }
}
