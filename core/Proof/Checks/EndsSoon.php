<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Messages sent today are read for longer than that. */
final class EndsSoon extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('ends-soon', 'An offer ends within a week', Area::Facts, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $soon = array_values(array_filter($subject->pieces(Capability::Offer), function (Piece $piece) use ($subject) {
            $left = $piece->kind->window($piece)?->daysLeft($subject->today);

            return $left !== null && $left <= Limits::ENDS_SOON;
        }));
        if ($soon === []) {
            return [];
        }

        return [$this->found(
            self::names($soon).': until '.$soon[0]->kind->window($soon[0])?->until?->iso.'. Have the next one ready.',
            array_column($soon, 'id'),
        )];
    }
}
