<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Limits;
use InkyCard\Picture\Tone;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Pictures are not darkened: a large light one shines out of a dark page. */
final class Glare extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('glare', 'Picture glares on dark pages', Area::Pictures, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            $light = $subject->fact($picture)?->lightness;
            $large = $picture->width * $picture->height >= Limits::LARGE_PICTURE;
            if ($light !== null && $light >= Limits::GLARE && $large) {
                $dim = new FillPiece($piece->id, ['tone' => Tone::Dim->value]);
                $natural = $piece->text('tone') === Tone::Natural->value;
                $found[] = $this->found(
                    Said::of(
                        'It stays at :it % lightness beside a dark page. A darker twin can stand in.',
                        ['it' => (int) (100 * $light)],
                    ),
                    [$piece->id], $subject->darkClients(), $natural ? new Mend('Make a darker twin', $dim) : null,
                );
            }
        }

        return $found;
    }
}
