<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Layout\PictureFit;
use InkyCard\Limits;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A headshot as tall as the text beside it looks settled (need C11). */
final class PictureFitText extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('picture-fit', 'Picture and text do not line up', Area::Pictures, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $fit = PictureFit::of($subject->card);
        if ($fit === null || abs($fit->picture - $fit->best) <= Limits::FIT) {
            return [];
        }

        return [$this->found(
            Said::of(
                'Text is :text px tall, the picture :picture.', ['text' => $fit->text, 'picture' => $fit->picture],
            ), [$fit->piece],
            mend: new Mend(
                $fit->best === $fit->text ? 'Match them' : "Bring it to $fit->best px",
                new FillPiece($fit->piece, $fit->fields),
            ),
        )];
    }
}
