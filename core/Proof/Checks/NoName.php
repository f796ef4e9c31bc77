<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** A stranger does not know who writes (need B01). */
final class NoName extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('no-name', 'Nobody is named', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        return $subject->card->holder() !== '' || $subject->pieces(Capability::StandsForName) !== [] ? []
            : [$this->found('Neither a name nor a firm is shown. Add one: it is what the eye falls on first.')];
    }
}
