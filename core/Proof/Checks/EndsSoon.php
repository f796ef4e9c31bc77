<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Messages sent today are read for longer than that. */
final class EndsSoon extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('ends-soon', 'Something on it ends within a week', Area::Facts, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $soon = array_values(array_filter($subject->pieces(), function (Piece $piece) use ($subject) {
            $left = $piece->can(Capability::Event) || $subject->card->isAhead($piece) ? null
                : $piece->due()?->daysLeft($subject->today);

            return $left !== null && $left <= Limits::ENDS_SOON;
        }));
        if ($soon === []) {
            return [];
        }

        return [$this->found(
            Said::of(':names: until :day. Have the next one ready.', [
                'names' => self::names($soon), 'day' => $soon[0]->due()?->until?->iso,
            ]), array_column($soon, 'id'),
        )];
    }
}
