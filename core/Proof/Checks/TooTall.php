<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Layout\Box;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** A signature longer than the letter above it is what people complain of. */
final class TooTall extends AbstractCheck
{
    /** A third of a phone screen of 390 by 844 CSS px. */
    private const MOST = 281;

    public function __construct()
    {
        parent::__construct('too-tall', 'Taller than a third of a phone', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $height = $subject->measured(320)->height;
        $boxes = array_map(fn (Box $box) => $box->height, $subject->measured(320)->boxes);
        arsort($boxes);

        return $height <= self::MOST
            ? []
            : [
                $this->found(
                    sprintf('It is %d px tall on a phone; a third of a screen is %d.', $height, self::MOST),
                    array_map(strval(...), array_slice(array_keys($boxes), 0, 2)),
                    ['phone-webkit', 'phone-forced-dark', 'phone-webmail-app'],
                ),
            ];
    }
}
