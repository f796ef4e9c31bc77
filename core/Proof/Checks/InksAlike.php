<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Colour\Oklch;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Two colours a hair apart look like a mistake. */
final class InksAlike extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('inks-alike', 'Two inks are too near to tell apart', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $roles = [InkRole::Body, InkRole::Accent, InkRole::Quiet, InkRole::Link];
        foreach ($roles as $at => $one) {
            foreach (array_slice($roles, $at + 1) as $other) {
                [$a, $b] = [$subject->card->style->ink($one), $subject->card->style->ink($other)];
                $distance = Oklch::distance($a, $b);
                if (! $a->equals($b) && $distance < Oklch::NOTICEABLE) {
                    return [
                        $this->found(
                            sprintf(
                                '%s and %s are %.3f apart; from %s on eyes see two.', $one->label(),
                                mb_strtolower($other->label()), $distance, Oklch::NOTICEABLE,
                            ),
                            mend: new Mend('Make them one', new Restyle(['inks' => [$other->value => $a->hex]])),
                        ),
                    ];
                }
            }
        }

        return [];
    }
}
