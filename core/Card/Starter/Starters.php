<?php

namespace InkyCard\Card\Starter;

use InkyCard\Link\Trade;

/** Every starter, in the order they are offered. A new one is its own file in starters/ and a line here. */
final class Starters
{
    private const ALL = [
        'tidemark',
        'stone-and-statute',
        'plumbline',
        'quiet-clinic',
        'copperpot',
        'footlights',
        'foxglove-ledger',
        'chalkline',
        'skerry',
        'lantern-lab',
        'bramble-and-oat',
        'halyard',
        'first-commit',
        'commons',
        'paper-lantern',
        'low-tide',
        'clay-and-light',
    ];

    /** @return array<string, Starter> by key */
    public static function all(): array
    {
        $starters = [];
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
