<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Readers of old mail forgive it, readers of new mail do not (need O03). */
final class Ended extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('ended', 'An offer has ended', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $past = self::over($subject, Capability::Offer);
        if ($past === []) {
            return [];
        }

        return [$this->found(
            Said::of(
                ':names: its last day was :iso.',
                ['names' => self::names($past), 'iso' => $past[0]->kind->window($past[0])?->until?->iso],
            ),
            array_column($past, 'id'), mend: self::hide($past, 'Hide it', 'Ended offer hidden'),
        )];
    }
}
