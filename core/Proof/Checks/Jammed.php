<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Style\Spacing;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Lines without air between them are hard to tell apart. */
final class Jammed extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('jammed', 'Lines are jammed', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $spacing = $subject->card->style->spacing;
        $jammed = Limits::JAMMED;
        if ($spacing->lineHeight >= $jammed['lineHeight'] || $spacing->lines >= $jammed['spacing']) {
            return [];
        }

        return [$this->found(
            Said::of(
                'Lines are :lineHeight times as high as their type, with :lines px between them.',
                ['lineHeight' => $spacing->lineHeight, 'lines' => $spacing->lines],
            ),
            mend: new Mend('Give them air', new Restyle(['gaps' => ['leading' => Spacing::DEFAULTS['leading']]])),
        )];
    }
}
