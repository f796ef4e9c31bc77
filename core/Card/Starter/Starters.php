<?php

namespace InkyCard\Card\Starter;

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
            ['name' => $name, 'trade' => $trade, 'mood' => $mood, 'card' => $card] = require __DIR__
                ."/starters/$key.php";
            // Everything a starter holds is made up.
            $card['pieces'] = array_map(fn (array $piece) => $piece + ['sample' => true], $card['pieces']);
            $starters[$key] = new Starter($key, $name, $trade, $mood, $card);
        }

        return $starters;
    }
}
