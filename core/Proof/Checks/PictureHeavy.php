<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** One file alone that takes more than all should. */
final class PictureHeavy extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('picture-heavy', 'One picture is heavy', Area::Pictures, Severity::Advice);
    }

    public function blind(Subject $subject): string
    {
        return self::unseen($subject);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            $bytes = $subject->fact($picture)->bytes ?? 0;
            if ($bytes > Limits::PICTURE) {
                $found[] = $this->found(
                    Said::of(
                        ':label weighs :bytes KB; :picture is enough for one.',
                        ['label' => Said::of($piece->kind->label()), 'bytes' => (int) ($bytes / 1000),
                            'picture' => Limits::PICTURE / 1000],
                    ),
                    [$piece->id],
                );
            }
        }

        return $found;
    }
}
