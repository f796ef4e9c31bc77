<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Wider than 600 CSS px, it pushes the letter it stands under aside. */
final class TooWide extends AbstractCheck
{
    private const MOST = 600;

    public function __construct()
    {
        parent::__construct('too-wide', 'Too wide for a letter', Area::Layout, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $width = $subject->measured(600)->width;
        if ($width <= self::MOST) {
            return [];
        }
        $over = [];
        foreach ($subject->measured(600)->boxes as $id => $box) {
            if ($box->x + $box->width > self::MOST) {
                $over[] = (string) $id;
            }
        }

        return [
            $this->found(
                sprintf('It is %d px wide; 600 is what letters have room for.', ceil($width)),
                $over,
                mend: self::narrower($subject, $over, self::MOST),
            ),
        ];
    }
}
