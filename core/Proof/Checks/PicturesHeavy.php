<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** All picture files together; on a phone away from home they come late. */
final class PicturesHeavy extends AbstractCheck
{
    private const MOST = 100_000;

    public function __construct()
    {
        parent::__construct('pictures-heavy', 'Pictures are heavy', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $bytes = $subject->weight();
        $weights = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            $weights[$piece->id] = $subject->fact($picture)->bytes ?? 0;
        }
        arsort($weights);

        return $bytes <= self::MOST
            ? []
            : [
                $this->found(
                    sprintf(
                        'They weigh %d KB together; under %d they are there at once.',
                        $bytes / 1000,
                        self::MOST / 1000,
                    ),
                    array_map(strval(...), array_slice(array_keys($weights), 0, 2)),
                ),
            ];
    }
}
