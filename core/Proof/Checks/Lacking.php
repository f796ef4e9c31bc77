<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Words were put in, and readers get none of them: a call without its address is none (need C14). */
final class Lacking extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('lacking', 'Filled in part, and not on the card', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $lacking = array_filter($subject->card->pieces, fn (Piece $piece) => $piece->shown && $piece->lacking() !== []);

        return array_values(array_map(
            fn (Piece $piece) => $this->found(
                Said::of(
                    ':label: “:label2” is empty.',
                    ['label' => Said::of($piece->kind->label()), 'label2' => $piece->lacking()[0]->label],
                ), [$piece->id],
                mend: self::hide([$piece], 'Hide it', $piece->kind->label().' hidden'),
            ),
            $lacking,
        ));
    }
}
