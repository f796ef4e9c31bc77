<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Some phones turn the lightness of every colour over. */
final class FaintOnDark extends AbstractCheck
{
    /** What large text needs (WCAG 2.2, 1.4.3) less what eyes used to the dark make up for. */
    private const LEAST = 2.5;

    public function __construct()
    {
        parent::__construct('contrast-dark', 'Text is faint where a page is forced dark', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $worst = [];
        foreach ($subject->runs() as [$piece, $run, $ground]) {
            $ratio = DarkPage::Forced->ratio($run->ink, $ground);
            if ($ratio < self::LEAST) {
                $worst[$piece->id] = min($ratio, $worst[$piece->id] ?? 99);
            }
        }

        return $worst === []
            ? []
            : [
                $this->found(
                    sprintf(
                        '%s to 1 at worst there; under %s it is lost.',
                        self::one(min($worst)),
                        self::one(self::LEAST),
                    ),
                    array_map(strval(...), array_keys($worst)),
                    ['phone-forced-dark'],
                    self::readable(
                        $subject,
                        fn (Colour $ink, Colour $paper) => Contrast::ratio($ink, $paper) >= Contrast::TEXT
                            && DarkPage::Forced->ratio($ink, $paper) >= self::LEAST,
                    ),
                ),
            ];
    }
}
