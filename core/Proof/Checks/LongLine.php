<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Readers of plain text break lines at 72 columns; addresses cannot be broken. */
final class LongLine extends AbstractCheck
{
    /** RFC 5322, 2.1.1, counts 78; with a mark of quoting before it. */
    private const COLUMNS = 76;

    public function __construct()
    {
        parent::__construct('long-line', 'A line of plain text is very long', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $long = array_filter(explode("\n", $subject->text()), fn (string $line) => mb_strwidth($line) > self::COLUMNS);

        return $long === []
            ? []
            : [
                $this->found(
                    sprintf(
                        '%d columns at the longest, an address that runs over. A shorter one reads and copies better.',
                        max(array_map(mb_strwidth(...), $long)),
                    ),
                    [],
                    ['plain-text'],
                ),
            ];
    }
}
