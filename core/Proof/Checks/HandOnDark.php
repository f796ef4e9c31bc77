<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Limits;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Tone;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Dark ink on a clear picture is not seen on a dark page (need C18). */
final class HandOnDark extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('hand-dark', 'Handwriting vanishes on dark pages', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        $page = DarkPage::page();
        foreach ($subject->pictures() as [$piece, $picture]) {
            $recipe = $picture->source;
            $ink = $recipe instanceof Recipe && $recipe->tone === Tone::Ink && ! $recipe->outline ? $recipe->ink : null;
            if ($ink !== null && Contrast::ratio($ink, $page) < Limits::LINE_CONTRAST) {
                $found[] = $this->found(
                    Said::of(
                        'Its ink has a contrast of :one to 1 with a dark page. A light edge keeps it visible.',
                        ['one' => self::one(Contrast::ratio($ink, $page))],
                    ),
                    [$piece->id], $subject->darkClients(),
                    new Mend('Give it a light edge', new FillPiece($piece->id, ['outline' => 'light'])),
                );
            }
        }

        return $found;
    }
}
