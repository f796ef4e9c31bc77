<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Where it is missing, the next of its chain shows, with other widths. */
final class RareTypeface extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('typeface', 'Typeface is not on every machine', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $stack = $subject->card->style->typeface;

        return ! in_array($stack->key, ['calibri', 'cambria'], true)
            ? []
            : [
                $this->found(
                    sprintf(
                        '%s comes with office programs; on other machines %s stands in.',
                        $stack->name(),
                        array_keys($stack->chain())[1] ?? 'another',
                    ),
                    [],
                    ['webkit-desktop', 'phone-webkit', 'phone-forced-dark', 'phone-webmail-app', 'open-desktop'],
                ),
            ];
    }
}
