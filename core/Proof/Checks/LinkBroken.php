<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Link\Verdict;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Followed lately, it did not answer as a page should. */
final class LinkBroken extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('link-broken', 'A link leads nowhere', Area::Links, Severity::Blocks);
    }

    public function blind(Subject $subject): string
    {
        return self::unfollowed($subject);
    }

    public function find(Subject $subject): array
    {
        return $this->withVerdict(
            $subject,
            [Verdict::Missing, Verdict::Broken],
            fn (CardLink $link, Verdict $verdict) => "{$link->words}: ".$verdict->says()
                .' Copy the address again from the browser.',
        );
    }
}
