<?php

namespace InkyCard\Card\Starter;

use InkyCard\Link\Trade;

/** Every starter, in the order they are offered. A new one is its own file in starters/ and a line here. */
final class Starters
{
    private const ALL = [
        'tannery-stage',
        'harbour-counsel',
        'tidemark',
        'kiln-and-table',
        'odile-margin',
        'stone-and-statute',
        'halberd-and-rowe',
        'kerrow-together',
        'plumbline',
        'eddersby-choral',
        'night-desk',
        'quiet-clinic',
        'weir-street',
        'crumb-ledger',
        'copperpot',
        'island-weeks',
        'two-lines',
        'footlights',
        'slate-and-batten',
        'span-and-pier',
        'foxglove-ledger',
        'seed-swap',
        'nine-acre-vets',
        'chalkline',
        'quarter-note',
        'plain-answer',
        'skerry',
        'north-gate',
        'ledger-line',
        'lantern-lab',
        'first-light',
        'open-field',
        'bramble-and-oat',
        'long-table',
        'paper-boat',
        'halyard',
        'cold-frame',
        'signal-box',
        'first-commit',
        'chair-of-the-board',
        'private-pages',
        'commons',
        'sales-sprint',
        'many-hands',
        'paper-lantern',
        'loft-games',
        'quarter-museum',
        'low-tide',
        'green-bottle',
        'both-tongues',
        'clay-and-light',
        'salt-and-comb',
    ];

    /** @return array<string, Starter> by key */
    public static function all(): array
    {
        static $starters = [];
        if ($starters !== []) {
            return $starters;
        }
        foreach (self::ALL as $key) {
            $given = require __DIR__."/starters/$key.php";
            $card = $given['card'];
            // Everything a starter holds is made up.
            $card['pieces'] = array_map(fn (array $piece) => $piece + ['sample' => true], $card['pieces']);
            $fields = array_values(array_map(Trade::from(...), $given['fields']));
            $starters[$key] = new Starter($key, $given['name'], $given['trade'], $fields, $given['mood'], $card);
        }

        return $starters;
    }
}
