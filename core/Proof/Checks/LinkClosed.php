<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Link\Verdict;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** Strangers meet a closed door (complaint X04). */
final class LinkClosed extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('link-sign-in', 'A link needs signing in', Area::Links, Severity::Mend);
    }

    public function blind(Subject $subject): string
    {
        return self::unfollowed($subject);
    }

    public function find(Subject $subject): array
    {
        return $this->withVerdict(
            $subject,
            [Verdict::SignIn, Verdict::Refused],
            fn (CardLink $link, Verdict $verdict) => "{$link->words}: ".$verdict->says()
                .' Open it to everybody, or link elsewhere.',
        );
    }
}
