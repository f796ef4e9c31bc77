<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** On a narrow phone its reader has to push it sideways. */
final class TooWideForPhone extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('too-wide-phone', 'Too wide for a 320 px phone', Area::Layout, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $measured = $subject->measured(320);
        if ($measured->overflow() < 1) {
            return [];
        }
        $over = [];
        foreach ($measured->boxes as $id => $box) {
            if ($box->x + $box->width > 320.5) {
                $over[] = (string) $id;
            }
        }

        return [
            $this->found(
                sprintf(
                    'It needs %d px there, %d more than there are. Put what stands side by side under each other, or '
                        .'leave one thing out.',
                    ceil($measured->width),
                    ceil($measured->overflow()),
                ),
                $over,
                ['phone-webkit', 'phone-forced-dark', 'phone-webmail-app'],
                self::narrower($subject, $over, 320),
            ),
        ];
    }
}
