<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Room for a line more, and no longer for two. */
final class CodeNear extends AbstractCheck
{
    private const NEAR = 8_000;

    public function __construct()
    {
        parent::__construct('code-near', 'Code is near what strict settings take', Area::Size, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $length = mb_strlen($subject->html());

        return $length <= self::NEAR || $length > 10_000
            ? []
            : [
                $this->found(sprintf('%s characters of 10,000.', number_format($length)), self::longest($subject), [
                    'strict-webmail',
                    'phone-webmail-app',
                ]),
            ];
    }
}
