<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

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
            Said::of(
                ':count links; over :links a reader chooses none.', ['count' => $count, 'links' => Limits::LINKS],
            ), array_values(array_unique($pieces)),
        )];
    }
}
