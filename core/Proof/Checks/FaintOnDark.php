<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\TextRun;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Some phones turn the lightness of every colour over. */
final class FaintOnDark extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('contrast-dark', 'Text is faint where a page is forced dark', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $worst = self::worst($subject, fn (TextRun $run, Colour $on) => DarkPage::Forced->ratio($run->ink, $on));
        $worst = array_filter($worst, fn (float $ratio) => $ratio < Limits::DARK_CONTRAST);
        if ($worst === []) {
            return [];
        }
        $reads = fn (Colour $ink, Colour $paper) => Contrast::ratio($ink, $paper) >= Contrast::TEXT
            && DarkPage::Forced->ratio($ink, $paper) >= Limits::DARK_CONTRAST;

        return [$this->found(
            Said::of(
                ':one to 1 at worst there; under :one2 it is lost.',
                ['one' => self::one(min($worst)), 'one2' => self::one(Limits::DARK_CONTRAST)],
            ),
            array_keys($worst), ['phone-forced-dark'], self::readable($subject, $reads),
        )];
    }
}
