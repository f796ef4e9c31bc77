<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Among many links nobody chooses. */
final class ManyLinks extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('links-many', 'Too many links', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $count = count($subject->links());
        if ($count <= Limits::LINKS) {
            return [];
        }
        $pieces = array_map(fn (CardLink $link) => $link->piece->id, $subject->links());

        return [$this->found(
            "$count links; over ".Limits::LINKS.' a reader chooses none.', array_values(array_unique($pieces)),
        )];
    }
}
