<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\MarksBlock;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

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
                    Said::of(
                        ':marks marks; :marks2 at most are looked at. Keep those that are kept up.',
                        ['marks' => count($block->marks), 'marks2' => Limits::MARKS],
                    ),
                    [$piece->id],
                );
            }
        }

        return $found;
    }
}
