<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Colour\Oklch;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A colour typed by hand next to the brand's own (complaint X24). */
final class OffBrand extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('off-brand', 'An ink misses the brand by a hair', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        foreach (InkRole::cases() as $role) {
            $ink = $subject->card->style->ink($role);
            $near = $subject->brand->nearest($ink);
            if ($near['distance'] > 0.00005 && $near['distance'] < Oklch::NOTICEABLE) {
                return [
                    $this->found(
                        Said::of(
                            'The :role ink is :ink; the brand’s :near is :brand.',
                            ['role' => $role->value, 'ink' => $ink->hex, 'near' => $near['role']->value,
                                'brand' => $near['ink']->hex],
                        ),
                        mend: new Mend(
                            'Take the brand\'s',
                            new Restyle(['inks' => [$role->value => $near['ink']->hex]]),
                        ),
                    ),
                ];
            }
        }

        return [];
    }
}
