<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A piece that is shown and blank leaves nothing, and shows nothing was decided. */
final class BlankPieces extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('blank', 'Shown, with nothing in it', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $blank = array_values(array_filter(
            $subject->card->pieces, fn (Piece $piece) => $piece->shown && $piece->isBlank() && $piece->lacking() === [],
        ));
        if ($blank === []) {
            return [];
        }

        return [$this->found(
            Said::of(':names: nothing is filled in.', ['names' => self::names($blank)]), array_column($blank, 'id'),
            mend: self::hide($blank, 'Hide what is blank', 'Blank pieces hidden'),
        )];
    }
}
