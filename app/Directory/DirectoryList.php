<?php

namespace App\Directory;

use Illuminate\Http\Request;
use InkyCard\Directory\Fault;
use InkyCard\Directory\Filter;

/** What a directory asks of a list (RFC 7644, 3.4.2): a filter, a page, which attributes. */
final readonly class DirectoryList
{
    private const EACH = 100;

    public const MOST = 200;

    /**
     * @param  int  $from  1 for the first
     * @param  list<string>  $only  attributes, in small letters; empty for all
     * @param  list<string>  $without
     */
    private function __construct(
        public ?Filter $filter, public int $from, public int $each, private array $only, private array $without,
    ) {
    }

    /** @throws Fault */
    public static function asked(Request $request): self
    {
        $filter = $request->query('filter', '');
        $number = fn (string $key, int $else): int => is_numeric($request->query($key))
            ? (int) $request->query($key) : $else;
        $names = fn (string $key): array => array_values(array_filter(array_map(
            fn (string $name): string => strtolower(trim($name)), explode(',', (string) $request->string($key)),
        )));

        return new self(
            is_string($filter) && trim($filter) !== '' ? Filter::parse($filter) : null,
            max(1, $number('startIndex', 1)), min(self::MOST, max(0, $number('count', self::EACH))),
            $names('attributes'), $names('excludedAttributes'),
        );
    }

    /** Whether an attribute is wanted: some are dear. */
    public function wants(string $name): bool
    {
        $name = strtolower($name);

        return ($this->only === [] || array_filter($this->only, fn (string $one): bool => $one === $name
            || str_starts_with($one, "$name.")) !== []) && ! in_array($name, $this->without, true);
    }

    /**
     * @param  array<string, mixed>  $resource
     * @return array<string, mixed>
     */
    public function told(array $resource): array
    {
        return array_filter($resource, fn (string $name): bool => in_array($name, ['schemas', 'id'], true)
            || $this->wants($name), ARRAY_FILTER_USE_KEY);
    }
}
