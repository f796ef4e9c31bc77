<?php

namespace InkyCard\Directory;

/**
 * Which resources are meant (RFC 7644, 3.4.2.2): comparisons joined by `and`, `or` and `not`, values of several chosen
 * by a filter of their own. Names of attributes and operators are written in any case; texts compare in any case too,
 * but for `externalId` and `id` (RFC 7643, 3.1).
 */
final readonly class Filter
{
    private const TOKEN = '/\G\s*(?:([()\[\]])|("(?:[^"\\\\]|\\\\.)*+")|([^\s()\[\]"]+))/';

    private const OPERATORS = ['eq', 'ne', 'co', 'sw', 'ew', 'pr', 'gt', 'ge', 'lt', 'le'];

    private const EXACT = ['id', 'externalid'];

    /** Characters, and comparisons, of one filter. */
    private const LONGEST = 2_000;

    private const DEEP = 20;

    /**
     * @param  string  $is  `and`, `or`, `not`, an operator, or `[]` for a choice among several values
     * @param  list<self>  $of  what is joined, or what the values are to be
     * @param  string  $path  attribute, in small letters
     */
    private function __construct(
        public string $is,
        public array $of = [],
        public string $path = '',
        public string|int|float|bool|null $value = null,
    ) {
    }

    /** @throws Fault */
    public static function parse(string $filter): self
    {
        $tokens = self::tokens($filter);
        $parsed = self::either($tokens, 0);
        if ($tokens !== []) {
            throw self::wrong('something stands behind it');
        }

        return $parsed;
    }

    /**
     * @return list<string>
     *
     * @throws Fault
     */
    private static function tokens(string $filter): array
    {
        $tokens = [];
        $at = 0;
        $filter = rtrim($filter);
        if (strlen($filter) > self::LONGEST) {
            throw self::wrong('it is too long');
        }
        while ($at < strlen($filter)) {
            if (preg_match(self::TOKEN, $filter, $token, 0, $at) !== 1) {
                throw self::wrong('a text in it never ends');
            }
            $at += strlen($token[0]);
            $tokens[] = $token[1].($token[2] ?? '').($token[3] ?? '');
        }

        return $tokens;
    }

    /** @param  list<string>  $tokens */
    private static function either(array &$tokens, int $depth): self
    {
        $depth > self::DEEP && throw self::wrong('it nests too deep');
        $of = [self::both($tokens, $depth)];
        while (strtolower($tokens[0] ?? '') === 'or') {
            array_shift($tokens);
            $of[] = self::both($tokens, $depth);
        }

        return count($of) === 1 ? $of[0] : new self('or', $of);
    }

    /** @param  list<string>  $tokens */
    private static function both(array &$tokens, int $depth): self
    {
        $of = [self::one($tokens, $depth)];
        while (strtolower($tokens[0] ?? '') === 'and') {
            array_shift($tokens);
            $of[] = self::one($tokens, $depth);
        }

        return count($of) === 1 ? $of[0] : new self('and', $of);
    }

    /** @param  list<string>  $tokens */
    private static function one(array &$tokens, int $depth): self
    {
        $token = (string) array_shift($tokens);
        if (strtolower($token) === 'not' && ($tokens[0] ?? '') === '(') {
            return new self('not', [self::one($tokens, $depth + 1)]);
        }
        if ($token === '(') {
            $inner = self::either($tokens, $depth + 1);
            array_shift($tokens) === ')' || throw self::wrong('a bracket is not closed');

            return $inner;
        }
        if (preg_match('/^[a-z][\w$.:-]*$/iD', $token) !== 1) {
            throw self::wrong('an attribute is missing');
        }

        return self::compared(strtolower($token), $tokens, $depth);
    }

    /** @param  list<string>  $tokens */
    private static function compared(string $path, array &$tokens, int $depth): self
    {
        $is = strtolower((string) array_shift($tokens));
        if ($is === '[') {
            $inner = self::either($tokens, $depth + 1);
            array_shift($tokens) === ']' || throw self::wrong('a bracket is not closed');

            return new self('[]', [$inner], $path);
        }
        if (! in_array($is, self::OPERATORS, true)) {
            throw self::wrong("$path is compared by nothing there is");
        }

        return $is === 'pr' ? new self($is, path: $path)
            : new self($is, path: $path, value: self::value(array_shift($tokens)));
    }

    private static function value(?string $token): string|int|float|bool|null
    {
        $value = json_decode((string) $token, true);
        $isValue = $token !== null && (json_last_error() === JSON_ERROR_NONE) && ! is_array($value);

        return $isValue ? $value : throw self::wrong('what is compared with is no value');
    }

    private static function wrong(string $why): Fault
    {
        return Fault::of('invalidFilter', "This filter cannot be read: $why.");
    }

    /** @param  array<string, mixed>  $resource */
    public function matches(array $resource): bool
    {
        return match ($this->is) {
            'and' => array_filter($this->of, fn (self $one): bool => ! $one->matches($resource)) === [],
            'or' => array_filter($this->of, fn (self $one): bool => $one->matches($resource)) !== [],
            'not' => ! $this->of[0]->matches($resource),
            '[]' => array_filter(
                Attributes::values($resource, $this->path),
                fn (mixed $value): bool => $this->of[0]->matches(is_array($value) ? $value : ['value' => $value]),
            ) !== [],
            default => $this->compares(Attributes::values($resource, $this->path)),
        };
    }

    /** @param  list<mixed>  $values */
    private function compares(array $values): bool
    {
        if ($this->is === 'ne') {
            return array_filter($values, fn (mixed $one): bool => $this->order($one) === 0) === [];
        }
        foreach ($values as $one) {
            // What is several, or of parts, is compared by its value (RFC 7643, 2.4).
            $one = is_array($one) ? $one['value'] ?? null : $one;
            if ($this->is === 'pr' ? $one !== null && $one !== '' && $one !== [] : $this->holds($one)) {
                return true;
            }
        }

        return false;
    }

    private function holds(mixed $one): bool
    {
        $order = $this->order($one);
        [$text, $with] = [$this->text($one), $this->text($this->value)];

        return match ($this->is) {
            'eq' => $order === 0,
            'gt' => $order !== null && $order > 0,
            'ge' => $order !== null && $order >= 0,
            'lt' => $order !== null && $order < 0,
            'le' => $order !== null && $order <= 0,
            'co' => $text !== null && str_contains($text, (string) $with),
            'sw' => $text !== null && str_starts_with($text, (string) $with),
            default => $text !== null && str_ends_with($text, (string) $with),
        };
    }

    /** How it stands to the value; null where the two cannot be compared. */
    private function order(mixed $one): ?int
    {
        $one = is_array($one) ? $one['value'] ?? null : $one;
        if (is_string($one) && is_string($this->value)) {
            return strcmp((string) $this->text($one), (string) $this->text($this->value));
        }
        $alike = is_bool($one) === is_bool($this->value) && is_numeric($one) === is_numeric($this->value);

        return $alike && ! is_string($one) && ! is_string($this->value) ? $one <=> $this->value : null;
    }

    private function text(mixed $value): ?string
    {
        return ! is_string($value) ? null
            : (in_array($this->path, self::EXACT, true) ? $value : mb_strtolower($value));
    }
}
