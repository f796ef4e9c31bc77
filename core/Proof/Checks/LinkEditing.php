<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Link\Verdict;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** The page its maker edits is not the one visitors see. */
final class LinkEditing extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('link-editing', 'A link opens your own editor', Area::Links, Severity::Mend);
    }

    public function blind(Subject $subject): string
    {
        return self::unfollowed($subject);
    }

    public function find(Subject $subject): array
    {
        return $this->withVerdict(
            $subject,
            [Verdict::Editing],
            fn (
                CardLink $link,
            ) => "{$link->words}: copy the address visitors see, in a window where you are not signed in.",
        );
    }
}
