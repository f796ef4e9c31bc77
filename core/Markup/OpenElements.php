<?php

namespace InkyCard\Markup;

/**
 * The elements a parser has open at a place of its input, never fewer than it: what closes what follows the rules of
 * libxml2's HTML parser, and where those are many, the fewest of them.
 */
final class OpenElements
{
    /** Nested deeper than any message somebody wrote; trees are walked and released by recursion in the library. */
    public const DEPTH = 250;

    /** An end tag closes nothing beyond what stands higher than its own element; all others stand lowest. */
    private const RANK = [
        'div' => 150, 'td' => 160, 'th' => 160, 'tr' => 170, 'thead' => 180, 'tbody' => 180, 'tfoot' => 180,
        'table' => 190,
    ];

    private const LOWEST = 100;

    /** Element that is innermost => those whose start ends it. */
    private const ENDED_BY = [
        'a' => ['a', 'td', 'th'],
        'p' => [
            'p', 'div', 'table', 'ul', 'ol', 'dl', 'li', 'dd', 'dt', 'td', 'th', 'tr', 'h1', 'h2', 'h3', 'h4', 'h5',
            'h6', 'hr', 'pre', 'address', 'blockquote', 'center',
        ],
        'li' => ['li'], 'dd' => ['dd', 'dt'], 'dt' => ['dd', 'dt'], 'option' => ['option', 'optgroup'],
        'td' => ['td', 'th', 'tr', 'tbody', 'tfoot'], 'th' => ['td', 'th', 'tr', 'tbody', 'tfoot'],
        'tr' => ['tr', 'tbody', 'tfoot'], 'thead' => ['tbody', 'tfoot'], 'tbody' => ['tbody', 'tfoot'],
    ];

    /** @var list<string> innermost last */
    private array $names = [];

    /** @var array<string, int> how many are open, by name */
    private array $count = [];

    /** @var list<string> those nested too deep, innermost last */
    private array $deeper = [];

    /** @var array<string, int> */
    private array $countDeeper = [];

    /** Whether it has room: an element nested too deep is to be left out, with its end. */
    public function start(string $name): bool
    {
        if ($this->deeper === []) {
            while ($this->names !== [] && in_array($name, self::ENDED_BY[end($this->names)] ?? [], true)) {
                $this->count[array_pop($this->names)]--;
            }
            if (count($this->names) < self::DEPTH) {
                $this->names[] = $name;
                $this->count[$name] = ($this->count[$name] ?? 0) + 1;

                return true;
            }
        }
        $this->deeper[] = $name;
        $this->countDeeper[$name] = ($this->countDeeper[$name] ?? 0) + 1;

        return false;
    }

    /** Whether an end tag ends something that was not left out. */
    public function end(string $name): bool
    {
        if ($this->deeper !== []) {
            while (($this->countDeeper[$name] ?? 0) > 0) {
                $ended = (string) array_pop($this->deeper);
                $this->countDeeper[$ended]--;
                if ($ended === $name) {
                    break;
                }
            }

            return false;
        }
        if (($this->count[$name] ?? 0) === 0) {
            return false;
        }
        $this->pop($name);

        return true;
    }

    private function pop(string $name): void
    {
        $rank = self::RANK[$name] ?? self::LOWEST;
        for ($index = count($this->names) - 1; $this->names[$index] !== $name; $index--) {
            if ((self::RANK[$this->names[$index]] ?? self::LOWEST) > $rank) {
                return;
            }
        }
        while (count($this->names) > $index) {
            $this->count[array_pop($this->names)]--;
        }
    }
}
