<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Tags copied with an address credit another campaign. */
final class TagsTwice extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('tags-own', 'A link brings campaign tags of its own', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->links() as $link) {
            if (preg_match('/[?&]utm_\w+=/i', $link->address) === 1) {
                $clean = (string) preg_replace(
                    ['/([?&])(?:utm_\w+=[^&#]*&?)+/i', '/[?&](?=#|$)/'],
                    ['$1', ''],
                    $link->address,
                );
                $found[] = $this->found(
                    Said::of(
                        ':words: its address was copied with tags, which credit the campaign they came from.',
                        ['words' => $link->words],
                    ),
                    [$link->piece->id],
                    mend: $link->piece->text('address') === $link->address
                        ? new Mend('Take them off', new FillPiece($link->piece->id, ['address' => $clean]))
                        : null,
                );
            }
        }

        return $found;
    }
}
