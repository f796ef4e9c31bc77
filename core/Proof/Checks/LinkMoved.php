<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Link\Verdict;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** It passes on to another address; detours end one day. */
final class LinkMoved extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('link-moved', 'A link takes a detour', Area::Links, Severity::Advice);
    }

    public function blind(Subject $subject): string
    {
        return self::unfollowed($subject);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach (
            $this->withVerdict(
                $subject,
                [Verdict::Moved],
                fn (CardLink $link) => "{$link->words}: it passes on to "
                    .($subject->moved[$link->address] ?? 'another address')
                    .'.',
            ) as $finding
        ) {
            $piece = $subject->card->piece($finding->pieces[0]);
            $to = $subject->moved[$piece->text('address')] ?? '';
            $found[]
                = $to === ''
                    ? $finding
                    : $this->found(
                        $finding->says,
                        $finding->pieces,
                        mend: new Mend('Link there straight', new FillPiece($piece->id, ['address' => $to])),
                    );
        }

        return $found;
    }
}
