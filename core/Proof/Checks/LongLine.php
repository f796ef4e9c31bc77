<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Readers of plain text break lines at 72 columns; addresses cannot be broken. */
final class LongLine extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('long-line', 'A line of plain text is very long', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $widths = array_map(mb_strwidth(...), explode("\n", $subject->text()));
        if (max($widths) <= Limits::COLUMNS) {
            return [];
        }

        return [$this->found(
            Said::of(
                ':widths columns at the longest, an address that runs over. A shorter one reads and '
                    .'copies better.',
                ['widths' => max($widths)],
            ),
            [], ['plain-text'],
        )];
    }
}
