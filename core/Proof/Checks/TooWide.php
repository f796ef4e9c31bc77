<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Wider than 600 CSS px, it pushes the letter it stands under aside. */
final class TooWide extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('too-wide', 'Too wide for a letter', Area::Layout, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $measured = $subject->measured(Limits::WIDTH);
        if ($measured->width <= Limits::WIDTH) {
            return [];
        }
        $over = $measured->over();

        return [$this->found(
            sprintf('It is %d px wide; %d is what letters have room for.', ceil($measured->width), Limits::WIDTH),
            $over, mend: self::narrower($subject, $over, Limits::WIDTH),
        )];
    }
}
