<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Under 11 CSS px many readers have to enlarge it. */
final class SmallText extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('small-text', 'Text is very small', Area::Text, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $small = $tuned = [];
        foreach ($subject->runs() as [$piece, $run]) {
            if ($run->size < Limits::SMALL_TEXT) {
                $small[$piece->id] = min($run->size, $small[$piece->id] ?? $run->size);
                if ($piece->tuning->size !== null) {
                    $tuned[$piece->id] = new TunePiece($piece->id, ['size' => Limits::SMALL_TEXT]);
                }
            }
        }
        if ($small === []) {
            return [];
        }
        $sizes = array_map(
            fn () => Limits::SMALL_TEXT,
            array_filter($subject->card->style->sizes->toArray(), fn (float $size) => $size < Limits::SMALL_TEXT),
        );
        $restyle = $sizes === [] ? [] : [new Restyle(['sizes' => $sizes])];
        $to = Limits::SMALL_TEXT.' px';

        return [$this->found(
            Said::of(
                ':small px at the smallest; :small_text and more reads without effort.',
                ['small' => round(min($small), 1), 'small_text' => Limits::SMALL_TEXT],
            ),
            array_keys($small),
            mend: new Mend("Bring it to $to", new CompositeEdit(
                [...$restyle, ...array_values($tuned)], "Small text brought to $to",
            )),
        )];
    }
}
