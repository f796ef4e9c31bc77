<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\Restyle;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Lines without air between them are hard to tell apart. */
final class Jammed extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('jammed', 'Lines are jammed', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $style = $subject->card->style;

        return $style->leading >= 1.25 || $style->gaps['lines'] >= 3
            ? []
            : [
                $this->found(
                    sprintf(
                        'Lines are %s times as high as their type, with %d px between them.',
                        $style->leading,
                        $style->gaps['lines'],
                    ),
                    mend: new Mend('Give them air', new Restyle(['gaps' => ['leading' => 1.4]])),
                ),
            ];
    }
}
