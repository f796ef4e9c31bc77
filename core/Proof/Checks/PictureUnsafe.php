<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Several clients fetch no picture over plain http. */
final class PictureUnsafe extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('picture-http', 'Picture sent in the clear', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            if (is_string($picture->source) && str_starts_with($picture->source, 'http://')) {
                $found[] = $this->found(
                    'Its address starts with http; several clients leave such pictures out.',
                    [$piece->id],
                    mend: new Mend(
                        'Ask for it by https',
                        new FillPiece($piece->id, ['picture' => 'https'.substr($picture->source, 4)]),
                    ),
                );
            }
        }

        return $found;
    }
}
