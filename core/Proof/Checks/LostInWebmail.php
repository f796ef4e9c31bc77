<?php

namespace InkyCard\Proof\Checks;

use InkyCard\MailClient\Change;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** What they do not keep of the card's own HTML. */
final class LostInWebmail extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('webmail-lost', 'Something is lost in webmails', Area::Size, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $clients = ['strict-webmail', 'tolerant-webmail', 'new-desktop', 'phone-webmail-app'];
        $found = $subject->changes(
            $clients,
            fn (Change $change) => $change->harms
                && ! in_array($change->what, ['style', 'length', 'weight', 'found link'], true)
                && ! str_ends_with($change->what, ' picture'),
        );

        return $found === [] ? [] : [$this->found(
            Said::of('Gone there: :what.', ['what' => implode(', ', array_unique($found))]),
            self::ids(implode(' ', array_keys($found))),
            $clients,
        )];
    }
}
