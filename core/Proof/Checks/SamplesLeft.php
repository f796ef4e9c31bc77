<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\HideSamples;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Readers would take them for the holder's own (complaint X34). */
final class SamplesLeft extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('sample', 'Sample values are still in it', Area::Facts, Severity::Blocks);
    }

    public function find(Subject $subject): array
    {
        $samples = $subject->card->samples();

        return $samples === []
            ? []
            : [
                $this->found(
                    Said::of(':names: made up by the starter.', ['names' => self::names($samples)]),
                    array_column($samples, 'id'),
                    mend: new Mend('Leave them out', new HideSamples()),
                ),
            ];
    }
}
