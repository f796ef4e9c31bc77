<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A piece in a colour that is none of the brand's (need F07). */
final class OwnColour extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('own-colour', 'A colour that is not the brand\'s', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $off = array_values(array_filter($subject->pieces(), fn (Piece $piece) => $piece->tuning->colour !== null
            && $subject->brand->nearest($piece->tuning->colour)['distance'] > 0.00005));

        return $off === [] ? [] : [$this->found(
            Said::of(':colours: none of the brand’s inks.', ['colours' => implode(', ', array_unique(
                array_map(fn (Piece $piece) => (string) $piece->tuning->colour?->hex, $off),
            ))]),
            array_column($off, 'id'),
            mend: new Mend('Back to the inks', new CompositeEdit(array_map(
                fn (Piece $piece) => new TunePiece($piece->id, ['colour' => null]), $off,
            ), 'Colours back to the inks')),
        )];
    }
}
