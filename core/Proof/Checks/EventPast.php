<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** An invitation to a day that has passed. */
final class EventPast extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('event-past', 'An event is over', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $past = self::over($subject, Capability::Event);
        if ($past === []) {
            return [];
        }

        return [$this->found(
            Said::of(
                ':names: it was on :iso.',
                ['names' => self::names($past), 'iso' => $past[0]->kind->window($past[0])?->until?->iso],
            ),
            array_column($past, 'id'), mend: self::hide($past, 'Hide it', 'Past event hidden'),
        )];
    }
}
