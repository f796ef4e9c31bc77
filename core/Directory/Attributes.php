<?php

namespace InkyCard\Directory;

/** Attributes of a resource by their names (RFC 7643): written in any case, parts behind a dot, schemas before. */
final class Attributes
{
    public const USER = 'urn:ietf:params:scim:schemas:core:2.0:User';

    public const GROUP = 'urn:ietf:params:scim:schemas:core:2.0:Group';

    public const ENTERPRISE = 'urn:ietf:params:scim:schemas:extension:enterprise:2.0:User';

    /** Those of users that mean something here, with parts they have; the rest of the standard's is not kept. */
    public const OF_USERS = [
        'id' => [], 'externalId' => [], 'userName' => [], 'displayName' => [], 'title' => [], 'active' => [],
        'groups' => ['value', 'display'], 'meta' => ['created', 'lastModified'],
        'name' => ['formatted', 'familyName', 'givenName', 'middleName', 'honorificPrefix', 'honorificSuffix'],
        'emails' => ['value', 'type', 'primary', 'display'], 'phoneNumbers' => ['value', 'type', 'primary', 'display'],
        self::ENTERPRISE => ['department'],
    ];

    public const OF_GROUPS = [
        'id' => [], 'externalId' => [], 'displayName' => [], 'members' => ['value', 'display', 'type'],
        'meta' => ['created', 'lastModified'],
    ];

    public const SEVERAL = ['emails', 'phoneNumbers', 'members', 'groups'];

    /** Without the schema before it. */
    public static function local(string $path): string
    {
        $schema = '/^urn:ietf:params:scim:schemas:(?:core:2\.0:(?:User|Group)|extension:enterprise:2\.0:User):/i';

        return trim((string) preg_replace($schema, '', $path));
    }

    /**
     * What it is called, however it was written; null for none of those.
     *
     * @param  list<string>  $known
     */
    public static function named(string $name, array $known): ?string
    {
        foreach ($known as $one) {
            if (strcasecmp($one, $name) === 0) {
                return $one;
            }
        }

        return null;
    }

    /**
     * A resource somebody sent, its attributes called as they are; what means nothing here is left out.
     *
     * @param  array<array-key, mixed>  $given
     * @param  array<string, list<string>>  $known
     * @return array<string, mixed>
     */
    public static function read(array $given, array $known): array
    {
        $read = [];
        foreach ($given as $key => $value) {
            $name = self::named((string) $key, array_keys($known));
            if ($name !== null && $value !== null) {
                $read[$name] = self::parts($value, $known[$name]);
            }
        }

        return $read;
    }

    /** @param  list<string>  $known */
    public static function parts(mixed $value, array $known): mixed
    {
        if (! is_array($value) || $known === []) {
            return $value;
        }
        if (array_is_list($value)) {
            return array_map(fn (mixed $one): mixed => self::parts($one, $known), $value);
        }
        $parts = [];
        foreach ($value as $key => $part) {
            $name = self::named((string) $key, $known);
            if ($name !== null && $part !== null) {
                $parts[$name] = $part;
            }
        }

        return $parts;
    }

    /**
     * What a resource has there; each of several, and each of their parts.
     *
     * @param  array<array-key, mixed>  $resource
     * @param  string  $path  in small letters
     * @return list<mixed>
     */
    public static function values(array $resource, string $path): array
    {
        $path = strtolower(self::local($path));
        $values = [];
        foreach ($resource as $key => $value) {
            $name = strtolower((string) $key);
            if ($name === $path) {
                array_push($values, ...is_array($value) && array_is_list($value) ? $value : [$value]);
            } elseif (is_array($value) && (str_starts_with($path, "$name.") || $key === self::ENTERPRISE)) {
                $part = str_starts_with($path, "$name.") ? substr($path, strlen($name) + 1) : $path;
                foreach (array_is_list($value) ? $value : [$value] as $one) {
                    array_push($values, ...is_array($one) ? self::values($one, $part) : []);
                }
            }
        }

        return $values;
    }
}
