<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Some clients make links of numbers and addresses, in a blue of their own (complaint X14). */
final class FoundLinks extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('found-links', 'Words become links of the reader\'s own', Area::Text, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach (['webkit-desktop', 'phone-webkit'] as $client) {
            foreach ($subject->reading($client)->harms() as $change) {
                if ($change->what === 'found link') {
                    $found[$change->piece] = $change->before;
                }
            }
        }

        return array_map(
            fn (string $piece, string $words) => $this->found(
                Said::of(
                    '“:words” turns blue and underlined there. Give it a link of its own, or write it '
                        .'differently.',
                    ['words' => $words],
                ),
                self::ids($piece),
                ['webkit-desktop', 'phone-webkit'],
            ),
            array_map(strval(...), array_keys($found)),
            array_values($found),
        );
    }
}
