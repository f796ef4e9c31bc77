<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\Restyle;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** With gaps as high as lines it no longer reads as one thing. */
final class Loose extends AbstractCheck
{
    /** Spacing that draws lines together, CSS px. */
    private const TOGETHER = 4;

    public function __construct()
    {
        parent::__construct('loose', 'Lines fall apart', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $spacing = $subject->card->style->spacing->lines;
        if ($spacing <= Limits::LOOSE) {
            return [];
        }

        return [$this->found(
            Said::of(
                ':spacing px stand between lines of text; over :loose they look like paragraphs.',
                ['spacing' => $spacing, 'loose' => Limits::LOOSE],
            ),
            mend: new Mend('Draw them together', new Restyle(['gaps' => ['lines' => self::TOGETHER]])),
        )];
    }
}
