<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

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
                    Said::of(
                        ':label: :original pixels are stretched over :width px; dense screens show twice '
                            .'as many. Bring a larger original.',
                        ['label' => Said::of($piece->kind->label()), 'original' => $original,
                            'width' => $picture->width],
                    ),
                    [$piece->id],
                );
            }
        }

        return $found;
    }
}
