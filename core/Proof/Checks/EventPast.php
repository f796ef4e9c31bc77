<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\ShowPiece;
use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** An invitation to a day that has passed. */
final class EventPast extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('event-past', 'An event is over', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $past = array_values(
            array_filter(
                $subject->pieces('event'),
                fn (Piece $piece) => $piece->text('starts') !== '' && $piece->text('starts') < $subject->today,
            ),
        );

        return $past === []
            ? []
            : [
                $this->found(
                    self::names($past).': it was on '.$past[0]->text('starts').'.',
                    array_column($past, 'id'),
                    mend: new Mend(
                        'Hide it',
                        new CompositeEdit(
                            array_map(fn (Piece $piece) => new ShowPiece($piece->id, false), $past),
                            'Past event hidden',
                        ),
                    ),
                ),
            ];
    }
}
