<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\ShowPiece;
use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Readers of old mail forgive it, readers of new mail do not (need O03). */
final class Ended extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('ended', 'An offer has ended', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $past = array_values(
            array_filter(
                $subject->pieces('offer'),
                fn (Piece $piece) => $piece->text('ends') !== '' && $piece->text('ends') < $subject->today,
            ),
        );

        return $past === []
            ? []
            : [
                $this->found(
                    self::names($past).': its last day was '.$past[0]->text('ends').'.',
                    array_column($past, 'id'),
                    mend: new Mend(
                        'Hide it',
                        new CompositeEdit(
                            array_map(fn (Piece $piece) => new ShowPiece($piece->id, false), $past),
                            'Ended offer hidden',
                        ),
                    ),
                ),
            ];
    }
}
