<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A card that is one picture says nothing where pictures are blocked, and filters mistrust it. */
final class WordsInPictures extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('words-in-pictures', 'Hardly any words', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $area = 0;
        $pieces = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            $area += $picture->width * $picture->height;
            $pieces[] = $piece->id;
        }
        $letters = array_sum(array_map(fn (array $run) => mb_strlen($run[1]->text), $subject->runs()));
        if ($area < Limits::LARGE_PICTURE || $letters >= Limits::LETTERS) {
            return [];
        }

        return [$this->found(
            Said::of(
                'Beside its pictures it has :letters letters. Put the name and one way to reach you in words.',
                ['letters' => $letters],
            ),
            array_values(array_unique($pieces)), ['pictures-blocked', 'plain-text'],
        )];
    }
}
