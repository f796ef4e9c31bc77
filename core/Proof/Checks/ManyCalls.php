<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\AbstractCallKind;
use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** One clear call gets more presses than several (complaint X23). */
final class ManyCalls extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('calls', 'More than one main call', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $calls = [];
        foreach ($subject->blocks() as [$piece, $block]) {
            if ($block instanceof ButtonBlock && $piece->kind instanceof AbstractCallKind) {
                $calls[$piece->id] = $piece;
            }
        }
        $others = array_slice($calls, 1);

        return $others === []
            ? []
            : [
                $this->found(
                    count($calls).' buttons compete. Keep one, and let the others be lines of text.',
                    array_map(strval(...), array_keys($calls)),
                    mend: new Mend(
                        'Keep the first',
                        new CompositeEdit(
                            array_values(
                                array_map(fn (Piece $piece) => new FillPiece($piece->id, ['form' => 'link']), $others),
                            ),
                            'One call kept, others as text',
                        ),
                    ),
                ),
            ];
    }
}
