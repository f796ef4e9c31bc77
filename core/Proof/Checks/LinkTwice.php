<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\ShowPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Saying it twice halves what each says. */
final class LinkTwice extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('links-twice', 'Two calls lead to the same page', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $by = [];
        foreach ($subject->links() as $link) {
            if ($link->piece->can(Capability::Call)) {
                $by[$link->address][$link->piece->id] = $link->piece->id;
            }
        }
        $twice = array_filter($by, fn (array $pieces) => count($pieces) > 1);

        return array_map(
            fn (string $address, array $pieces) => $this->found(
                Said::of(
                    ':pieces calls open :short.', ['pieces' => count($pieces), 'short' => Subject::short($address)],
                ),
                array_values($pieces),
                mend: new Mend(
                    'Keep the first',
                    new CompositeEdit(
                        array_values(array_map(fn (string $id) => new ShowPiece($id, false), array_slice($pieces, 1))),
                        'One of two calls hidden',
                    ),
                ),
            ),
            array_map(strval(...), array_keys($twice)),
            array_values($twice),
        );
    }
}
