<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Link\Verdict;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Nothing came back at all, which says as much of the network between as of the link. */
final class LinkSilent extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('link-silent', 'A link did not answer', Area::Links, Severity::Advice);
    }

    public function blind(Subject $subject): string
    {
        return self::unfollowed($subject);
    }

    public function find(Subject $subject): array
    {
        return $this->withVerdict(
            $subject,
            [Verdict::Silent],
            fn (CardLink $link, Verdict $verdict) => "{$link->words}: ".$verdict->says()
                .' That may be the way there, too: press it once yourself.',
        );
    }
}
