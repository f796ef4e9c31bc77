<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Placing a picture is one half of the task, its link the other (need C14, complaint X35). */
final class PictureUnlinked extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('picture-unlinked', 'A picture leads nowhere', Area::Links, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pieces(Capability::Pressed) as $piece) {
            if ($piece->text('address') === '') {
                $found[] = $this->found(
                    Said::of(
                        ':label: readers press it, and nothing opens. Say where it leads.',
                        ['label' => Said::of($piece->kind->label())],
                    ), [$piece->id],
                );
            }
        }

        return $found;
    }
}
