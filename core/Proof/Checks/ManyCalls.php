<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** One clear call gets more presses than several (complaint X23). */
final class ManyCalls extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('calls', 'More than one call', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $calls = $subject->card->calls();
        if (count($calls) <= Limits::CALLS) {
            return [];
        }
        $hidden = self::hide(array_slice($calls, Limits::CALLS), 'Keep the first', 'One call kept, others hidden');

        return [$this->found(
            Said::of(
                ':calls calls compete: :names. Readers do one thing, or none: keep one.',
                ['calls' => count($calls), 'names' => self::names($calls)],
            ),
            array_column($calls, 'id'), mend: $hidden,
        )];
    }
}
