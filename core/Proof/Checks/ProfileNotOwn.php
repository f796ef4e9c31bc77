<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Not a profile's own address, or longer than it need be (needs D09, D10). */
final class ProfileNotOwn extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('profile-address', 'A profile address could be better', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->links() as $link) {
            $advice = $link->piece->can(Capability::Profiles) ? ProfileDirectory::advice($link->address) : '';
            if ($advice !== '') {
                $found[] = $this->found(Said::of(
                    ':words: :advice', ['words' => $link->words, 'advice' => $advice],
                ), [$link->piece->id]);
            }
        }

        return array_slice($found, 0, 1);
    }
}
