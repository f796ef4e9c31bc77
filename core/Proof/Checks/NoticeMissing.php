<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\MeetRules;
use InkyCard\Card\MissingCompliance;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A trade rule of the brand asks for its exact words. */
final class NoticeMissing extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('notice', 'A notice is missing', Area::Facts, Severity::Blocks);
    }

    public function find(Subject $subject): array
    {
        $notices = MissingCompliance::missing($subject->card, $subject->brand)->notices ?? [];

        return $notices === []
            ? []
            : [
                $this->found(
                    Said::of(
                        ':it: the brand\'s rules ask for it, word for word.',
                        ['it' => implode(', ', array_column($notices, 'name'))],
                    ),
                    mend: new Mend('Put it on', new MeetRules($subject->brand)),
                ),
            ];
    }
}
