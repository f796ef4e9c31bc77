<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Room for a line more, and no longer for two. */
final class CodeNear extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('code-near', 'Code is near what strict settings take', Area::Size, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $length = mb_strlen($subject->html());
        if ($length <= Limits::CODE_NEAR || $length > Limits::CODE) {
            return [];
        }

        return [$this->found(
            Said::of(
                ':length characters of :code.',
                ['length' => number_format($length), 'code' => number_format(Limits::CODE)],
            ),
            self::longest($subject), MailClient::CODE_LIMITED,
        )];
    }
}
