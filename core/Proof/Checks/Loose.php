<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\Restyle;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** With gaps as high as lines it no longer reads as one thing. */
final class Loose extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('loose', 'Lines fall apart', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $gap = $subject->card->style->gaps['lines'];

        return $gap <= 12
            ? []
            : [
                $this->found(
                    "$gap px stand between lines of text; over 12 they look like paragraphs.",
                    mend: new Mend('Draw them together', new Restyle(['gaps' => ['lines' => 4]])),
                ),
            ];
    }
}
