<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Limits;
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
            if ($block instanceof ButtonBlock && $piece->can(Capability::Call)) {
                $calls[$piece->id] = $piece;
            }
        }
        if (count($calls) <= Limits::CALLS) {
            return [];
        }
        $asText = array_map(
            fn (Piece $piece) => new FillPiece($piece->id, ['form' => 'link']),
            array_values(array_slice($calls, Limits::CALLS)),
        );

        return [$this->found(
            count($calls).' buttons compete. Keep one, and let the others be lines of text.', array_keys($calls),
            mend: new Mend('Keep the first', new CompositeEdit($asText, 'One call kept, others as text')),
        )];
    }
}
