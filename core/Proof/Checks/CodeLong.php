<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Some settings boxes take no more than 10,000 characters. */
final class CodeLong extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('code-long', 'Code is longer than strict settings take', Area::Size, Severity::Blocks);
    }

    public function find(Subject $subject): array
    {
        $length = mb_strlen($subject->html());
        if ($length <= Limits::CODE) {
            return [];
        }

        return [$this->found(
            Said::of(
                ':length characters of :code. Leave out what is least clicked.',
                ['length' => number_format($length), 'code' => number_format(Limits::CODE)],
            ),
            self::longest($subject), MailClient::CODE_LIMITED,
        )];
    }
}
