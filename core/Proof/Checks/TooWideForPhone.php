<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** On a narrow phone its reader has to push it sideways. */
final class TooWideForPhone extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('too-wide-phone', 'Too wide for a small phone', Area::Layout,
            Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $measured = $subject->measured(Limits::PHONE_WIDTH);
        if ($measured->overflow() < 1) {
            return [];
        }
        $over = $measured->over();

        return [$this->found(
            Said::of(
                'It needs :width px there, :overflow more than there are. Put what stands side by side '
                    .'under each other, or leave one thing out.',
                ['width' => ceil($measured->width), 'overflow' => ceil($measured->overflow())],
            ),
            $over, MailClient::PHONES, self::narrower($subject, $over, Limits::PHONE_WIDTH),
        )];
    }
}
