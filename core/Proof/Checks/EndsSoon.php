<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Piece;
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
        $soon = array_values(
            array_filter(
                $subject->pieces('offer'),
                fn (Piece $piece) => $piece->text('ends') >= $subject->today
                    && Subject::days($subject->today, $piece->text('ends')) <= 7,
            ),
        );

        return $soon === []
            ? []
            : [
                $this->found(
                    self::names($soon).': until '.$soon[0]->text('ends').'. Have the next one ready.',
                    array_column($soon, 'id'),
                ),
            ];
    }
}
