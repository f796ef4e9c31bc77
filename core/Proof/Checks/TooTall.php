<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Layout\Box;
use InkyCard\Limits;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** A signature longer than the letter above it is what people complain of. */
final class TooTall extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('too-tall', 'Taller than a third of a phone', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $phone = $subject->measured(Limits::PHONE_WIDTH);
        $letter = $subject->measured(Limits::WIDTH);
        if ($phone->height <= Limits::PHONE_HEIGHT && $letter->height <= Limits::HEIGHT) {
            return [];
        }
        $heights = array_map(fn (Box $box) => $box->height, $phone->boxes);

        return [$this->found(
            sprintf(
                'It is %d px tall on a phone, where a third of a screen is %d, and %d under a letter, where %d are '
                    .'enough.',
                $phone->height, Limits::PHONE_HEIGHT, $letter->height, Limits::HEIGHT,
            ),
            self::most($heights), $letter->height <= Limits::HEIGHT ? MailClient::PHONES : [],
        )];
    }
}
