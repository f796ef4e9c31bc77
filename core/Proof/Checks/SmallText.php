<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Under 11 CSS px many readers have to enlarge it. */
final class SmallText extends AbstractCheck
{
    private const LEAST = 11;

    public function __construct()
    {
        parent::__construct('small-text', 'Text is very small', Area::Text, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $small = $tuned = [];
        foreach ($subject->runs() as [$piece, $run]) {
            if ($run->size < self::LEAST) {
                $small[$piece->id] = min($run->size, $small[$piece->id] ?? 99);
                if ($piece->tuning->size !== null) {
                    $tuned[$piece->id] = new TunePiece($piece->id, ['size' => self::LEAST]);
                }
            }
        }
        $sizes = array_filter($subject->card->style->sizes, fn (float $size) => $size < self::LEAST);

        return $small === []
            ? []
            : [
                $this->found(
                    sprintf('%s px at the smallest; 11 and more reads without effort.', round(min($small), 1)),
                    array_map(strval(...), array_keys($small)),
                    mend: new Mend(
                        'Bring it to 11 px',
                        new CompositeEdit(
                            [
                                ...$sizes === []
                                    ? []
                                    : [new Restyle(['sizes' => array_map(fn () => self::LEAST, $sizes)])],
                                ...array_values($tuned),
                            ],
                            'Small text brought to 11 px',
                        ),
                    ),
                ),
            ];
    }
}
