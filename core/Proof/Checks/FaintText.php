<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\TextRun;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Contrast of text with its background, WCAG 2.2, 1.4.3: 4.5 to 1. */
final class FaintText extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('contrast', 'Text is hard to read', Area::Text, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $worst = self::worst($subject, fn (TextRun $run, Colour $on) => Contrast::ratio($run->ink, $on));
        $worst = array_filter($worst, fn (float $ratio) => $ratio < Contrast::TEXT);
        if ($worst === []) {
            return [];
        }
        $reads = fn (Colour $ink, Colour $paper) => Contrast::ratio($ink, $paper) >= Contrast::TEXT;

        return [$this->found(
            Said::of(
                ':one to 1 at worst; from :one2 on it reads well.',
                ['one' => self::one(min($worst)), 'one2' => self::one(Contrast::TEXT)],
            ),
            array_keys($worst), mend: self::readable($subject, $reads),
        )];
    }
}
