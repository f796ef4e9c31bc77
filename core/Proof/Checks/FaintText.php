<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Contrast of text with its ground, WCAG 2.2, 1.4.3: 4.5 to 1. */
final class FaintText extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('contrast', 'Text is hard to read', Area::Text, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $worst = [];
        foreach ($subject->runs() as [$piece, $run, $ground]) {
            $ratio = Contrast::ratio($run->ink, $ground);
            if ($ratio < Contrast::TEXT && $ratio < ($worst[$piece->id][0] ?? 99)) {
                $worst[$piece->id] = [$ratio, $run, $ground];
            }
        }

        return $worst === []
            ? []
            : [
                $this->found(
                    sprintf('%s to 1 at worst; from 4.5 on it reads well.', self::one(min(array_column($worst, 0)))),
                    array_map(strval(...), array_keys($worst)),
                    mend: self::readable(
                        $subject,
                        fn (Colour $ink, Colour $paper) => Contrast::ratio($ink, $paper) >= Contrast::TEXT,
                    ),
                ),
            ];
    }
}
