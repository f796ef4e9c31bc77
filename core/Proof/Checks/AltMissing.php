<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Blocked, such a picture is an empty box; read aloud, it is silent. */
final class AltMissing extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('alt-missing', 'Picture without words in its place', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->blocks() as [$piece, $block]) {
            if ($block instanceof HtmlBlock && preg_match('/<img\b[^>]* alt="\s*"/', $block->html) === 1) {
                $found[] = $this->found(
                    'A picture in own HTML has no words in its place: write them into its alt attribute.',
                    [$piece->id],
                    ['pictures-blocked', 'plain-text'],
                );
            }
        }

        return $found;
    }
}
