<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\MarksBlock;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** A row of marks says little; the three that are kept up say more. */
final class ManyMarks extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('marks-many', 'Too many profile marks', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->blocks() as [$piece, $block]) {
            if ($block instanceof MarksBlock && count($block->marks) > Limits::MARKS) {
                $found[] = $this->found(
                    count($block->marks).' marks; '.Limits::MARKS.' at most are looked at. Keep those that are '
                        .'kept up.',
                    [$piece->id],
                );
            }
        }

        return $found;
    }
}
