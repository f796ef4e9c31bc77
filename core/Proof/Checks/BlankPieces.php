<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\ShowPiece;
use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** A piece that is shown and blank leaves nothing, and shows nothing was decided. */
final class BlankPieces extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('blank', 'Shown, with nothing in it', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $blank = array_values(
            array_filter($subject->card->pieces, fn (Piece $piece) => $piece->shown && $piece->isBlank()),
        );

        return $blank === []
            ? []
            : [
                $this->found(
                    self::names($blank).': nothing is filled in.',
                    array_column($blank, 'id'),
                    mend: new Mend(
                        'Hide what is blank',
                        new CompositeEdit(
                            array_map(fn (Piece $piece) => new ShowPiece($piece->id, false), $blank),
                            'Blank pieces hidden',
                        ),
                    ),
                ),
            ];
    }
}
