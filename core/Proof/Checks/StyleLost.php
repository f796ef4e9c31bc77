<?php

namespace InkyCard\Proof\Checks;

use InkyCard\MailClient\Change;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** One value a strict webmail cannot read costs the whole attribute. */
final class StyleLost extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('style-lost', 'An element loses all its styles', Area::Size, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = $subject->changes(
            ['strict-webmail', 'phone-webmail-app'],
            fn (Change $change) => $change->what === 'style',
        );

        return $found === []
            ? []
            : [
                $this->found(
                    Said::of(
                        'Written so, :it makes strict webmails throw every style of its element away. '
                            .'Write colours as #2c5c3e.',
                        ['it' => implode(', ', array_unique($found))],
                    ),
                    self::ids(implode(' ', array_keys($found))),
                    ['strict-webmail', 'phone-webmail-app'],
                ),
            ];
    }
}
