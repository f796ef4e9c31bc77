<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Some settings boxes take no more than 10,000 characters. */
final class CodeLong extends AbstractCheck
{
    private const MOST = 10_000;

    public function __construct()
    {
        parent::__construct('code-long', 'Code is longer than strict settings take', Area::Size, Severity::Blocks);
    }

    public function find(Subject $subject): array
    {
        $length = mb_strlen($subject->html());

        return $length <= self::MOST
            ? []
            : [
                $this->found(
                    sprintf(
                        '%s characters of %s. Leave out what is least pressed.',
                        number_format($length),
                        number_format(self::MOST),
                    ),
                    self::longest($subject),
                    ['strict-webmail', 'phone-webmail-app'],
                ),
            ];
    }
}
