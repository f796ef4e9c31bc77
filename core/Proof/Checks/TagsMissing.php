<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\TagLink;
use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Tags are on, and the one link that matters is left out. */
final class TagsMissing extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('tags-missing', 'A call carries no campaign tags', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        $tags = $subject->card->tags;
        if ($tags === null) {
            return [];
        }
        foreach ($subject->links() as $link) {
            if ($link->piece->can(Capability::Call) && $link->tells
                && ! $tags->isOn($link->address, $link->piece->id)) {
                $found[] = $this->found(
                    Said::of(':words: statistics will not tell it came from this card.', ['words' => $link->words]),
                    [$link->piece->id],
                    mend: new Mend(
                        'Put tags on',
                        new CompositeEdit(
                            [
                                new TagLink($link->key, true),
                                new TagLink($link->piece->id, true),
                                new TagLink($link->address, true),
                            ],
                            'Tags put on a link',
                        ),
                    ),
                );
            }
        }

        return $found;
    }
}
