<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Parts no mail client keeps were taken out. */
final class OwnHtmlLost extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('html-lost', 'Own HTML lost something', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pieces('html') as $piece) {
            $dropped = $piece->fields['dropped'] ?? [];
            if (is_array($dropped) && $dropped !== []) {
                $found[] = $this->found(
                    'Taken out: '.implode(', ', array_slice(array_filter($dropped, is_string(...)), 0, 8))
                        .'. Look whether what is left says all it should.',
                    [$piece->id],
                    mend: new Mend(
                        'Keep what is left',
                        new FillPiece($piece->id, ['html' => $piece->text('html'), 'dropped' => []]),
                    ),
                );
            }
        }

        return $found;
    }
}
