<?php

namespace InkyCard\Stamp;

/** The header of a message or of a part of it, with where each field stands (RFC 5322, 2.2; RFC 2045). */
final readonly class HeaderFields
{
    /** A field with its folds. */
    private const FIELD = '/^([!-9;-~]++)[ \t]*+:([^\n]*+(?:\n[ \t][^\n]*+)*+)\n?/m';

    private const PARAMETER = '/;\s*([\w!#$&+.^-]+)\s*=\s*(?:"((?:[^"\\\\]|\\\\.)*+)"|([^\s;"]+))/';

    /**
     * @param  list<array{string, string, int, int}>  $fields  name in small letters, value unfolded, where it begins,
     *     and where the next one does
     * @param  int  $body  where what follows the header begins
     * @param  string  $type  media type, in small letters
     * @param  array<string, string>  $parameters  of the media type, by name in small letters
     */
    private function __construct(
        public array $fields,
        public int $body,
        public string $type,
        public array $parameters,
    ) {
    }

    /** @param  int  $end  where the part ends the header is of */
    public static function read(string $bytes, int $from, int $end): self
    {
        preg_match('/\G(?:\r?\n)|\n\r?\n/', $bytes, $empty, PREG_OFFSET_CAPTURE, $from);
        $body = isset($empty[0]) && $empty[0][1] < $end ? min($end, $empty[0][1] + strlen($empty[0][0])) : $end;
        preg_match_all(
            self::FIELD, substr($bytes, $from, $body - $from), $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE,
        );
        $fields = array_map(fn (array $field): array => [
            strtolower($field[1][0]), trim((string) preg_replace('/\r?\n(?=[ \t])/', '', $field[2][0])),
            $from + $field[0][1], $from + $field[0][1] + strlen($field[0][0]),
        ], $found);
        $said = array_column($fields, 1, 0)['content-type'] ?? 'text/plain; charset=us-ascii';
        preg_match_all(self::PARAMETER, $said, $parameters, PREG_SET_ORDER);
        $values = [];
        foreach ($parameters as $one) {
            $values[strtolower($one[1])] ??= stripslashes($one[2] ?? '').($one[3] ?? '');
        }

        return new self($fields, $body, strtolower(trim(explode(';', $said)[0])), $values);
    }

    /** The value of the first field of a name, unfolded; empty where there is none. */
    public function value(string $name): string
    {
        return $this->all($name)[0][1] ?? '';
    }

    /** @return list<array{string, string, int, int}> */
    public function all(string $name): array
    {
        return array_values(array_filter($this->fields, fn (array $field): bool => $field[0] === $name));
    }

    public function has(string $name): bool
    {
        return $this->all($name) !== [];
    }
}
