<?php

namespace InkyCard\Proof\Checks;

use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** What the Word engine does not lay out, corners apart. */
final class LostInWord extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('word-lost', 'Something is lost on Word-engine desktops', Area::Size, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = $subject->changes(
            MailClient::WORD,
            fn (Change $change) => $change->harms && ! str_starts_with($change->what, 'border-')
                && ! str_ends_with($change->what, ' picture'),
        );

        return $found === []
            ? []
            : [
                $this->found(
                    Said::of('Gone there: :it.', ['it' => implode(', ', array_unique($found))]),
                    self::ids(implode(' ', array_keys($found))),
                    MailClient::WORD,
                ),
            ];
    }
}
