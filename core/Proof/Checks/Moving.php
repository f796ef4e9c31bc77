<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Picture\PictureRef;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Moving things in a signature do not look professional to many (complaint X38). */
final class Moving extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('moving', 'Something moves', Area::Pictures, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $moving = array_values(array_filter(
            $subject->pieces(Capability::Handwriting),
            fn (Piece $piece) => $piece->text('moving') !== '' && PictureRef::isHand($piece->text('picture')),
        ));
        if ($moving === []) {
            return [];
        }
        $still = array_map(fn (Piece $piece) => new FillPiece($piece->id, ['moving' => '']), $moving);

        return [$this->found(
            'The name writes itself in every message. It plays once, and still draws the eye from what was written.',
            array_column($moving, 'id'),
            mend: new Mend('Let it stand still', new CompositeEdit($still, 'Writing stands still')),
        )];
    }
}
