<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Among many links nobody chooses. */
final class ManyLinks extends AbstractCheck
{
    private const MOST = 14;

    public function __construct()
    {
        parent::__construct('links-many', 'Too many links', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $count = count($subject->links());

        return $count <= self::MOST
            ? []
            : [
                $this->found(
                    "$count links; over ".self::MOST.' a reader chooses none.',
                    array_values(array_unique(array_map(fn (CardLink $link) => $link->piece->id, $subject->links()))),
                ),
            ];
    }
}
