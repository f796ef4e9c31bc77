<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Edit\Restyle;
use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** The Word engine draws no rounded corners; a shape of its own stands in. */
final class Corners extends AbstractCheck
{
    /** Radius up to which corners pass for square, CSS px. */
    private const SLIGHT = 6;

    public function __construct()
    {
        parent::__construct('corners', 'Corners square off on Word-engine desktops', Area::Layout, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = $subject->changes(
            MailClient::WORD,
            fn (Change $change) => $change->harms && str_starts_with($change->what, 'border-'),
        );
        // Where little is rounded, nobody sees that nothing is: advice everybody gets is none.
        if ($found === [] || $subject->card->style->button->radius <= self::SLIGHT) {
            return [];
        }
        $blocks = array_column($subject->blocks(), 1);
        $buttons = array_filter($blocks, fn (Block $block) => $block instanceof ButtonBlock);
        $mend = $buttons === [] || $subject->card->style->button->word ? null
            : new Mend('Draw the shape', new Restyle(['button' => ['word' => true]]));

        return [$this->found(
            'Readers there see it with square corners. Its shape can be written into the code for them.',
            array_keys($found), MailClient::WORD, $mend,
        )];
    }
}
