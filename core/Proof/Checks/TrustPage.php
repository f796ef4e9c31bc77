<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\CardLink;
use InkyCard\Card\Edit\WaveAway;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Starter\Starters;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\Trade;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Pages of a trade people look somebody up on before they ask: none of them is on the card. */
final class TrustPage extends AbstractCheck
{
    private const KEY = 'trust-page';

    /** Kinds named as examples. */
    private const NAMED = 3;

    public function __construct()
    {
        parent::__construct(self::KEY, 'No page that shows you are who you say', Area::Links, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $starter = Starters::all()[$subject->card->unknown['starter'] ?? ''] ?? null;
        $trade = $starter->fields[0] ?? null;
        $by = $trade?->trustedBy() ?? [];
        if ($by === [] || in_array(self::KEY, WaveAway::of($subject->card), true)
            || $subject->pieces(Capability::Licence) !== [] || self::has($subject, $by)) {
            return [];
        }

        return [$this->found(
            Said::of(
                'In this trade (:label) people look one up first: an entry in a register or directory, a '
                    .'page of reviews: one of them is worth a mark. For example :examples.',
                ['label' => $trade->label(), 'examples' => self::examples($trade)],
            ),
            mend: new Mend('Not on this card', new WaveAway(self::KEY)),
        )];
    }

    /** @param  list<Trade>  $by */
    private static function has(Subject $subject, array $by): bool
    {
        $trades = array_merge(...array_map(fn (CardLink $link) => $link->address === '' ? []
            : ProfileDirectory::all()[ProfileDirectory::read($link->address)->kind]['trades'] ?? [],
            array_filter($subject->links(), fn (CardLink $link) => str_starts_with($link->address, 'http'))));

        return array_intersect(array_column($by, 'value'), $trades) !== [];
    }

    private static function examples(Trade $trade): string
    {
        $of = array_filter(
            ProfileDirectory::all(),
            fn (array $kind) => $kind['trades'][0] === $trade->value && $kind['hosts'] !== [],
        );

        return implode(', ', array_slice(array_column($of, 'label'), 0, self::NAMED));
    }
}
