<?php

namespace InkyCard\Link;

/**
 * Names people have on networks, with the network said in words before or after them: `Instagram: maren.oak`,
 * `tiktok quillfern`, `@maren on X and Threads`. The network's word settles what a name is, however it looks.
 *
 * @phpstan-type Token array{string, string, string}
 */
final class NamedHandle
{
    /** Words of a network's name. */
    private const NAME = 3;

    /** Say nothing of where or who. */
    private const FILLERS = [
        'a', 'account', 'accounts', 'add', 'and', 'as', 'at', 'by', 'call', 'called', 'chat', 'contact', 'dm', 'find',
        'follow', 'handle', 'handles', 'here', 'id', 'is', 'let\'s', 'me', 'message', 'messenger', 'my', 'name',
        'nick', 'nickname', 'number', 'on', 'or', 'our', 'page', 'profile', 'reach', 'see', 'social', 'talk', 'text',
        'the', 'to', 'us', 'user', 'username', 'via', 'with', 'write', 'all', 'channel', 'group', 'us:', 'auf', 'bei',
        'sur', 'en', 'su', 'op', 'business', 'pro', 'link', 'official', 'same', 'everywhere', 'please', 'or:',
    ];

    /** Named like words of every day: where lines of anything are read, a sign has to stand between. */
    private const EVERYDAY = [
        'angi', 'avvo', 'bark', 'booking', 'contra', 'fresha', 'ghost', 'homes', 'keybase', 'line', 'luma', 'matrix',
        'medium', 'meetup', 'messenger', 'signal', 'slack', 'spotlight', 'square', 'steam', 'teams', 'thefork',
        'threads', 'trulia', 'unbiased', 'viber', 'wire', 'x', 'zoom',
    ];

    private const TOKENS = '%(?<url>https?://\S+|(?:[\p{L}\p{N}-]+\.)+\p{L}{2,24}/\S*)'
        .'|(?<handle>@[\p{L}\p{N}_][\p{L}\p{N}_.:+-]*(?:@[\w.-]+)?|~[\w.-]+)'
        .'|(?<phone>\+?\(?\d[\d ().\-]{5,22}\d)'
        .'|(?<word>[\p{L}\p{N}_](?:[\p{L}\p{N}_.+\'@:\#-]*[\p{L}\p{N}_+])?)'
        .'|(?<and>[,;&•·|]|\s/\s)|(?<sign>[:=–—→>/()\[\]"“”‘’-]+)|(?<rest>\S)%u';

    private const SORTS = ['url' => 0, 'handle' => 0, 'phone' => 0, 'word' => 0, 'and' => 0, 'sign' => 0];

    /** @var list<Token> */
    private array $tokens = [];

    private function __construct(private readonly string $country, private readonly bool $careful)
    {
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for numbers without one; ZZ takes none
     * @param  bool  $careful  the line may speak of anything, not of profiles alone
     * @return list<array{ProfileLink, string}> in order, each with the words it was read from
     */
    public static function all(string $line, string $country = 'ZZ', bool $careful = false): array
    {
        if (mb_strlen($line) > 300) {
            return [];
        }
        $reading = new self($country, $careful);
        $reading->tokens = self::tokens($line);

        return $reading->found();
    }

    /**
     * A line without the names that were read from it, and without the networks and the words around them.
     *
     * @param  list<array{ProfileLink, string}>  $found
     */
    public static function rest(string $line, array $found): string
    {
        foreach (array_unique(array_column($found, 1)) as $words) {
            $at = strpos($line, $words);
            $line = $at === false ? $line : substr_replace($line, ' ', $at, strlen($words));
        }
        $telling = ['word', 'handle', 'phone', 'url'];
        $said = array_filter(self::tokens($line), fn (array $token) => in_array($token[0], $telling, true));

        return $said === [] ? '' : trim($line);
    }

    /** @return list<Token> */
    private static function tokens(string $line): array
    {
        preg_match_all(self::TOKENS, $line, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        $tokens = [];
        for ($at = 0; $at < count($found); $at++) {
            $match = $found[$at];
            [$kind, $words] = ($match['word'] ?? null) === null ? [null, 0] : self::network($found, $at);
            if ($kind !== null) {
                $tokens[] = ['network', implode(' ', array_column(array_slice($found, $at, $words), 0)), $kind];
                $at += $words - 1;

                continue;
            }
            $sort = (string) array_key_first(array_filter(
                array_intersect_key($match, self::SORTS),
                fn (?string $part) => $part !== null,
            ));
            $filler = $sort === 'word' && in_array(mb_strtolower($match[0]), self::FILLERS, true);
            $tokens[] = [$filler ? 'filler' : $sort, $match[0], ''];
        }

        return $tokens;
    }

    /**
     * @param  array<int, array<array-key, ?string>>  $found
     * @return array{?string, int} kind of the network named from here on, and how many words its name has
     */
    private static function network(array $found, int $at): array
    {
        for ($words = self::NAME; $words > 0; $words--) {
            $part = array_slice($found, $at, $words);
            if (count($part) === $words && ! in_array(null, array_column($part, 'word'), true)) {
                $kind = ProfileDirectory::named(implode(' ', array_column($part, 0)));
                if ($kind !== null) {
                    return [$kind, $words];
                }
            }
        }

        return [null, 0];
    }

    /** @return list<array{ProfileLink, string}> */
    private function found(): array
    {
        $found = $networks = $names = [];
        $named = false;
        foreach ($this->tokens as $index => [$sort, $words, $kind]) {
            if ($sort === 'network') {
                // A network after names and networks begins anew; after names alone it is theirs.
                if ($networks !== [] && $names !== [] && ! $named) {
                    array_push($found, ...$this->settled($networks, $names));
                    [$networks, $names] = [[], []];
                }
                $named = $named || $networks === [] && $names !== [];
                $networks[] = $kind;
            } elseif ($this->isName($index)) {
                if ($named) {
                    array_push($found, ...$this->settled($networks, $names));
                    [$networks, $names, $named] = [[], [], false];
                }
                $names[] = $words;
            } elseif (in_array($sort, ['word', 'rest', 'url', ''], true)) {
                // Words of a sentence part what stands before them from what comes after.
                array_push($found, ...$this->settled($networks, $names));
                [$networks, $names, $named] = [[], [], false];
            }
        }

        return [...$found, ...$this->settled($networks, $names)];
    }

    /**
     * @param  list<string>  $networks
     * @param  list<string>  $names
     * @return list<array{ProfileLink, string}>
     */
    private function settled(array $networks, array $names): array
    {
        $found = [];
        foreach ($names as $name) {
            foreach (array_unique($networks) as $kind) {
                $link = ProfileDirectory::on($kind, $name, $this->country);
                $link === null || $found[] = [$link, $name];
            }
        }

        return $found;
    }

    private function isName(int $index): bool
    {
        [$sort] = $this->tokens[$index];
        if ($sort === 'handle' || ! in_array($sort, ['word', 'phone'], true)) {
            return $sort === 'handle';
        }
        foreach ([-1, 1] as $step) {
            [$kind, $signed] = $this->beside($index, $step);
            if ($kind !== null) {
                // Where lines speak of anything, and of networks named like it, a sign has to say that a name follows.
                $plain = $sort === 'phone' && ! in_array($kind, self::EVERYDAY, true);

                return ($signed || $plain || ! $this->careful) && $this->isAlone($index, $signed);
            }
        }

        return false;
    }

    /** @return array{?string, bool} network that stands next to a token, and whether a sign stands between */
    private function beside(int $index, int $step): array
    {
        $signed = false;
        for ($at = $index + $step; isset($this->tokens[$at]); $at += $step) {
            [$sort, $words, $kind] = $this->tokens[$at];
            if ($sort === 'network') {
                return [$kind, $signed];
            }
            // In a list of profiles a bar stands between a network and its name as well as between two of them.
            $bar = $words === '|' && $step < 0 && ! $this->careful;
            if (! $bar && ! in_array($sort, ['filler', 'sign'], true)) {
                break;
            }
            $signed = $signed || $sort !== 'filler';
        }

        return [null, false];
    }

    /**
     * Whether it can be a name, which is one word: no other stands beside it, or, where no sign says that a name comes,
     * anywhere before the next network or comma.
     */
    private function isAlone(int $index, bool $signed): bool
    {
        foreach ([-1, 1] as $step) {
            for ($at = $index + $step; isset($this->tokens[$at]); $at += $step) {
                [$sort] = $this->tokens[$at];
                if ($sort === 'word') {
                    return $signed && $step > 0 && $this->tokens[$at - 1][1] === '(';
                }
                if (in_array($sort, ['network', 'and', 'url'], true) || $signed && $sort === 'filler') {
                    break;
                }
            }
        }

        return true;
    }
}
