<?php

namespace InkyCard\Footer;

use InkyCard\Refusal;

/**
 * How a sending system writes what it fills in for each recipient: what stands before and behind a name, and before
 * words for recipients it knows nothing of.
 */
final readonly class TokenStyle
{
    /** A name of its own: letters, figures and what systems put between them. */
    private const NAME = '[A-Za-z_][A-Za-z0-9_.-]{0,60}';

    private const NAMED = '/^'.self::NAME.'$/D';

    /** What stands around a name: signs, which no name has. */
    private const AROUND = '/^[^\s\p{L}\p{N}_.:-]{1,4}$/uD';

    private string $pattern;

    /**
     * @param  string  $key  its name in a document; empty for one of somebody's own
     * @param  ?string  $fallback  between a name and the words in its place; null where there are none
     */
    private function __construct(
        public string $key, public string $label, public string $open, public string $close, public ?string $fallback,
    ) {
        $else = $fallback === null ? '' : '(?:\s*'.preg_quote($fallback, '~').'\s*(?<else>[^\n]{0,80}?))?';
        // One sign is a sign of other things too: a percentage, a mail address.
        [$before, $room] = strlen($open) === 1 ? ['(?<![\p{L}\p{N}])', ''] : ['', '\s*'];
        $this->pattern = "~$before".preg_quote($open, '~')."$room(?<name>".self::NAME.")$else$room"
            .preg_quote($close, '~').'~u';
    }

    /** @return array<string, self> by key, those with the longest signs first: they hold the shorter ones */
    public static function all(): array
    {
        /** @var array<string, self> $all */
        static $all = [];
        if ($all === []) {
            foreach (require __DIR__.'/token-styles.php' as $key => $row) {
                $all[$key] = new self($key, ...$row);
            }
        }

        return $all;
    }

    /**
     * @param  mixed  $given  a key, or an object of `open`, `close` and `fallback`
     *
     * @throws Refusal
     */
    public static function of(mixed $given): self
    {
        if (is_string($given)) {
            return self::all()[$given] ?? throw Refusal::because(
                'A token style is one of: :choices, or signs of your own.',
                values: ['choices' => implode(', ', array_keys(self::all()))],
            );
        }
        $sign = function (string $key) use ($given): string {
            $sign = is_array($given) && is_string($given[$key] ?? null) ? trim($given[$key]) : '';

            return preg_match(self::AROUND, $sign) === 1 ? $sign : throw Refusal::because(
                'What stands around a name is one to four signs, such as {{ and }}: no letters, figures or spaces.',
                "/$key",
            );
        };
        [$open, $close] = [$sign('open'), $sign('close')];
        $fallback = is_array($given) && ($given['fallback'] ?? '') !== '' ? $sign('fallback') : null;
        foreach (self::all() as $style) {
            if ([$style->open, $style->close, $style->fallback] === [$open, $close, $fallback]) {
                return $style;
            }
        }

        return new self('', "$open $close", $open, $close, $fallback);
    }

    /**
     * The styles a sample is written in, the one with most tokens first; what none of ours writes is told by the same
     * signs around several names.
     *
     * @return list<array{self, list<string>}> each with the names it finds
     */
    public static function learn(string $sample): array
    {
        $found = [];
        $left = $sample;
        foreach (self::all() as $style) {
            $names = array_column($style->find($left), 'name');
            if ($names !== []) {
                $found[] = [$style, array_values(array_unique($names))];
                // What one style reads, one of shorter signs does not read again.
                $left = (string) preg_replace($style->pattern, ' ', $left);
            }
        }
        $signs = '(?:<<|>>|[^\s\p{L}\p{N}_.:,;!?\'"“”‘’()<>\/=&#-]{1,4})';
        preg_match_all("~(?<open>$signs)\s*(?<name>".self::NAME.")\s*(?<close>$signs)~u", $left, $own, PREG_SET_ORDER);
        $by = [];
        foreach ($own as $one) {
            $by["{$one['open']} {$one['close']}"][] = $one['name'];
        }
        foreach ($by as $around => $names) {
            if (count($names) > 1) {
                [$open, $close] = explode(' ', $around);
                $found[] = [self::of(compact('open', 'close')), array_values(array_unique($names))];
            }
        }
        usort($found, fn (array $one, array $other) => count($other[1]) <=> count($one[1]));

        return $found;
    }

    /** @return list<Token> in order, with where they stand */
    public function find(string $text): array
    {
        if (! str_contains($text, $this->open)) {
            return [];
        }
        preg_match_all($this->pattern, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);

        return array_map(fn (array $one): Token => new Token(
            (string) $one[0][0], (string) $one['name'][0], trim((string) ($one['else'][0] ?? ''), " \"'"), $one[0][1],
        ), $found);
    }

    /**
     * A token as this style writes it.
     *
     * @throws Refusal
     */
    public function write(string $name, string $fallback = ''): string
    {
        if (preg_match(self::NAMED, $name) !== 1) {
            throw Refusal::because('A token is named by letters, figures, dots and underscores, a letter first.');
        }

        return $this->open.$name.($fallback === '' || $this->fallback === null ? '' : $this->fallback.$fallback)
            .$this->close;
    }

    /** @return string|array<string, string> as a document keeps it */
    public function toDocument(): string|array
    {
        return $this->key !== '' ? $this->key
            : array_filter(['open' => $this->open, 'close' => $this->close, 'fallback' => (string) $this->fallback]);
    }
}
