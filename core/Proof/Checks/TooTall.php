<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Layout\Box;
use InkyCard\Limits;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

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
            Said::of(
                'It is :phone px tall on a phone, where a third of a screen is :third, and :letter under a letter, '
                    .'where :enough are enough.',
                ['phone' => (int) $phone->height, 'third' => Limits::PHONE_HEIGHT, 'letter' => (int) $letter->height,
                    'enough' => Limits::HEIGHT],
            ),
            self::most($heights), $letter->height <= Limits::HEIGHT ? MailClient::PHONES : [],
        )];
    }
}
