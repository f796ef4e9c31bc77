<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A page made for the offer brings most (need G06). */
final class CallToFrontPage extends AbstractCheck
{
    private const FRONT_PAGE = '~^https?://[^/]+(?:/(?:contact(?:-us)?|home|index(?:\.\w+)?)?/?)?$~i';

    public function __construct()
    {
        parent::__construct('call-front-page', 'The call opens a general page', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->links() as $link) {
            if ($link->piece->can(Capability::Promise) && preg_match(self::FRONT_PAGE, $link->address) === 1) {
                $found[] = $this->found(
                    Said::of(
                        '“:words” opens a page that promises nothing of the kind. A page made for it '
                            .'explains, shows voices of clients and has a form.',
                        ['words' => $link->words],
                    ),
                    [$link->piece->id],
                );
            }
        }

        return $found;
    }
}
