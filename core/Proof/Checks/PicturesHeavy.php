<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** All picture files together; on a phone away from home they come late. */
final class PicturesHeavy extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('pictures-heavy', 'Pictures are heavy', Area::Pictures, Severity::Mend);
    }

    public function blind(Subject $subject): string
    {
        return self::unseen($subject);
    }

    public function find(Subject $subject): array
    {
        $bytes = $subject->weight();
        if ($bytes <= Limits::PICTURES) {
            return [];
        }
        $weights = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            $weights[$piece->id] = $subject->fact($picture)->bytes ?? 0;
        }

        return [$this->found(
            Said::of(
                'They weigh :bytes KB together; under :pictures they are there at once.',
                ['bytes' => (int) ($bytes / 1000), 'pictures' => Limits::PICTURES / 1000],
            ),
            self::most($weights),
        )];
    }
}
