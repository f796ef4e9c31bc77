<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Link\PhoneNumber;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** It fits no numbering plan, or was typed wrong. */
final class PhoneOdd extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('phone', 'A number may not ring', Area::Facts, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $odd = array_values(array_filter(
            $subject->pieces(Capability::PhoneNumber), fn (Piece $piece) => ! PhoneNumber::rings($piece->fact()),
        ));
        if ($odd === []) {
            return [];
        }
        $numbers = implode(', ', array_map(fn (Piece $piece) => $piece->fact(), $odd));

        return [$this->found(
            Said::of(':numbers: no country has such numbers. Dial it once to be sure.', ['numbers' => $numbers]),
            array_column($odd, 'id'),
        )];
    }
}
