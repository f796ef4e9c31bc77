<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Browsers warn before they open plain http. */
final class LinkUnsafe extends AbstractCheck
{
    private const SAYS = ':words: it starts with http, and browsers warn before they open it.';

    public function __construct()
    {
        parent::__construct('link-http', 'A link without encryption', Area::Links, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->links() as $link) {
            // Where a place is reached is for whoever serves it to say.
            if (str_starts_with($link->address, 'http://') && ! $link->piece->isHosted()) {
                $safe = new FillPiece($link->piece->id, ['address' => 'https'.substr($link->address, 4)]);
                $own = $link->piece->text('address') === $link->address;
                $found[] = $this->found(
                    Said::of(self::SAYS, ['words' => $link->words]),
                    [$link->piece->id], mend: $own ? new Mend('Lead by https', $safe) : null,
                );
            }
        }

        return $found;
    }
}
