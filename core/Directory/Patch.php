<?php

namespace InkyCard\Directory;

/** Changes to a resource, one after another, all of them or none (RFC 7644, 3.5.2). */
final readonly class Patch
{
    public const SCHEMA = 'urn:ietf:params:scim:api:messages:2.0:PatchOp';

    private const OPERATIONS = ['add', 'replace', 'remove'];

    private const MOST = 1_000;

    /** What is given by the server alone (RFC 7643, 2.2). */
    private const OURS = ['id', 'meta', 'groups'];

    /** @param  array<string, list<string>>  $known  attributes of such resources, with their parts */
    public function __construct(private array $known)
    {
    }

    /**
     * @param  array<string, mixed>  $resource
     * @param  array<array-key, mixed>  $message  as it was sent
     * @return array<string, mixed>
     *
     * @throws Fault
     */
    public function apply(array $resource, array $message): array
    {
        $operations = array_change_key_case($message)['operations'] ?? null;
        if (! is_array($operations) || $operations === [] || count($operations) > self::MOST) {
            throw Fault::of('invalidSyntax', 'Operations is a list of one or more changes.');
        }
        foreach ($operations as $operation) {
            $operation = is_array($operation) ? array_change_key_case($operation) : [];
            $do = is_string($operation['op'] ?? null) ? strtolower($operation['op']) : '';
            if (! in_array($do, self::OPERATIONS, true)) {
                throw Fault::of('invalidSyntax', 'An operation is add, replace or remove.');
            }
            $resource = $this->one($resource, $do, $operation['path'] ?? '', $operation['value'] ?? null);
        }

        return $resource;
    }

    /**
     * @param  array<string, mixed>  $resource
     * @return array<string, mixed>
     */
    private function one(array $resource, string $do, mixed $path, mixed $value): array
    {
        if (! is_string($path)) {
            throw Fault::of('invalidPath', 'A path is a text.');
        }
        if ($path !== '') {
            return $this->at($resource, $do, $path, $value);
        }
        if ($do === 'remove') {
            throw Fault::of('noTarget', 'Say by a path what is to be removed.');
        }
        if (! is_array($value)) {
            throw Fault::of('invalidValue', 'Without a path, the value holds attributes by their names.');
        }
        foreach ($value as $name => $one) {
            if (is_array($one) && strcasecmp((string) $name, Attributes::ENTERPRISE) === 0) {
                $resource = $this->one($resource, $do, '', $one);
            } else {
                $resource = $this->at($resource, $do, (string) $name, $one);
            }
        }

        return $resource;
    }

    /**
     * @param  array<string, mixed>  $resource
     * @return array<string, mixed>
     */
    private function at(array $resource, string $do, string $path, mixed $value): array
    {
        $target = AttributePath::read($path, $this->known);
        if ($target === null) {
            return $resource;
        }
        [$name, $filter, $part] = $target;
        if (in_array($name, self::OURS, true)) {
            throw Fault::of('mutability', "$name is this server’s to give.");
        }
        $value = $part === null ? Attributes::parts($value, $this->known[$name]) : $value;
        $now = $resource[$name] ?? null;
        $resource[$name] = match (true) {
            in_array($name, Attributes::SEVERAL, true) => self::onePrimary($this->several(
                is_array($now) ? array_values($now) : [], $do, $filter, $part, $value,
            ), is_array($now) ? $now : []),
            $part !== null => [$part => $do === 'remove' ? null : $value] + (is_array($now) ? $now : []),
            $do === 'remove' => null,
            is_array($now) && is_array($value) => $value + $now,
            default => $value,
        };

        return array_filter($resource, fn (mixed $one): bool => $one !== null && $one !== []);
    }

    /**
     * @param  list<mixed>  $now
     * @return list<mixed>
     */
    private function several(array $now, string $do, ?Filter $filter, ?string $part, mixed $value): array
    {
        if ($filter === null && $part === null) {
            return $this->whole($now, $do, is_array($value) && array_is_list($value) ? $value
                : ($value === null ? [] : [$value]), $value === null);
        }
        $met = array_keys(array_filter($now, fn (mixed $one): bool => is_array($one)
            && ($filter === null || $filter->matches($one))));
        if ($met === [] && $do !== 'remove') {
            return $this->made($now, $filter, $part, $value);
        }
        foreach ($met as $index) {
            $now[$index] = match (true) {
                $do === 'remove' => $part === null ? null : [$part => null] + (array) $now[$index],
                $part === null => is_array($value) ? $value + (array) $now[$index] : $now[$index],
                default => [$part => $value] + (array) $now[$index],
            };
        }

        return self::told($now);
    }

    /**
     * @param  list<mixed>  $now
     * @param  list<mixed>  $values
     * @param  bool  $all  nothing is said of which
     * @return list<mixed>
     */
    private function whole(array $now, string $do, array $values, bool $all): array
    {
        $is = fn (mixed $one): string => is_array($one) ? (string) json_encode($one['value'] ?? $one) : '';
        $given = array_map($is, $values);

        return match (true) {
            $do === 'replace' => self::told($values),
            $do === 'remove' => $all ? [] : array_values(array_filter(
                $now, fn (mixed $one): bool => ! in_array($is($one), $given, true),
            )),
            default => self::told([
                ...array_filter($now, fn (mixed $one): bool => ! in_array($is($one), $given, true)), ...$values,
            ]),
        };
    }

    /**
     * One that was not there, where the filter says of which type it is to be: directories set numbers so.
     *
     * @param  list<mixed>  $now
     * @return list<mixed>
     */
    private function made(array $now, ?Filter $filter, ?string $part, mixed $value): array
    {
        if ($filter === null || $filter->is !== 'eq') {
            throw Fault::of('noTarget', 'There is no value this path means.');
        }
        $new = $part === null ? (is_array($value) ? $value : ['value' => $value]) : [$part => $value];

        return self::told([...$now, $new + [$filter->path => $filter->value]]);
    }

    /**
     * One value alone is primary: the one that became so last (RFC 7644, 3.5.2).
     *
     * @param  list<mixed>  $values
     * @param  array<mixed>  $before
     * @return list<mixed>
     */
    private static function onePrimary(array $values, array $before): array
    {
        $primary = array_filter($values, fn (mixed $one): bool => is_array($one) && ($one['primary'] ?? null) === true);
        $last = array_key_last(array_filter($primary, fn (mixed $one): bool => ! in_array($one, $before, true)))
            ?? array_key_last($primary);
        foreach (array_keys($primary) as $index) {
            if ($index !== $last) {
                unset($values[$index]['primary']);
            }
        }

        return $values;
    }

    /**
     * @param  array<mixed>  $values
     * @return list<mixed>
     */
    private static function told(array $values): array
    {
        return array_values(array_filter(array_map(
            fn (mixed $one): mixed => is_array($one) ? array_filter($one, fn (mixed $part): bool => $part !== null)
                : $one,
            $values,
        ), fn (mixed $one): bool => $one !== null && $one !== []));
    }
}
