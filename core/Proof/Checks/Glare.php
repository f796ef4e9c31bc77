<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\AbstractPictureKind;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Pictures are not darkened: a large light one shines out of a dark page. */
final class Glare extends AbstractCheck
{
    private const LIGHT = 0.85;

    /** CSS px square. */
    private const LARGE = 20_000;

    public function __construct()
    {
        parent::__construct('glare', 'Picture glares on dark pages', Area::Pictures, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            $light = $subject->fact($picture)?->lightness;
            if ($light !== null && $light >= self::LIGHT && $picture->width * $picture->height >= self::LARGE) {
                $found[] = $this->found(
                    sprintf(
                        'It stays at %d %% lightness beside a dark page. A darker twin can stand in.',
                        100 * $light,
                    ),
                    [$piece->id],
                    $subject->darkClients(),
                    $piece->kind instanceof AbstractPictureKind && $piece->text('tone') === 'natural'
                        ? new Mend('Make a darker twin', new FillPiece($piece->id, ['tone' => 'dim']))
                        : null,
                );
            }
        }

        return $found;
    }
}
