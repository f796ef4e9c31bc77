<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Fewer pixels in the original than dense screens show. */
final class PictureSoft extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('picture-soft', 'Picture looks soft', Area::Pictures, Severity::Advice);
    }

    public function blind(Subject $subject): string
    {
        return self::unseen($subject);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            $original = $subject->fact($picture)?->original;
            if ($original !== null && $original < $picture->width * Limits::SHARP) {
                $found[] = $this->found(
                    sprintf(
                        '%s: %d pixels are stretched over %d px; dense screens show twice as many. Bring a larger '
                            .'original.',
                        $piece->kind->label(),
                        $original,
                        $picture->width,
                    ),
                    [$piece->id],
                );
            }
        }

        return $found;
    }
}
