<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

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
            Said::of(
                'It is :width px wide; :width2 is what letters have room for.',
                ['width' => ceil($measured->width), 'width2' => Limits::WIDTH],
            ),
            $over, mend: self::narrower($subject, $over, Limits::WIDTH),
        )];
    }
}
