<?php

namespace App\Http\Controllers\Scim;

use App\Directory\DirectoryAnswer;
use App\Directory\DirectoryList;
use Illuminate\Http\JsonResponse;
use InkyCard\Directory\Attributes;

/** What this server can, and has, for directories that look before they ask (RFC 7643, 5 to 7). */
final class AboutController extends ScimController
{
    private const SCHEMA = 'urn:ietf:params:scim:schemas:core:2.0:';

    public function config(): JsonResponse
    {
        $not = ['supported' => false];

        return DirectoryAnswer::of([
            'schemas' => [self::SCHEMA.'ServiceProviderConfig'], 'patch' => ['supported' => true],
            'bulk' => $not + ['maxOperations' => 0, 'maxPayloadSize' => 0],
            'filter' => ['supported' => true, 'maxResults' => DirectoryList::MOST],
            'changePassword' => $not, 'sort' => $not, 'etag' => $not,
            'authenticationSchemes' => [[
                'type' => 'oauthbearertoken', 'name' => 'Token of a workspace',
                'description' => 'Made under Settings, For programs; it may look after people.', 'primary' => true,
            ]],
        ]);
    }

    public function types(): JsonResponse
    {
        $type = fn (string $name, string $schema, array $more = []): array => [
            'schemas' => [self::SCHEMA.'ResourceType'], 'id' => $name, 'name' => $name, 'endpoint' => "/{$name}s",
            'schema' => $schema,
        ] + $more;

        return self::all([
            $type('User', Attributes::USER, ['schemaExtensions' => [
                ['schema' => Attributes::ENTERPRISE, 'required' => false],
            ]]), $type('Group', Attributes::GROUP),
        ]);
    }

    public function schemas(): JsonResponse
    {
        $users = array_diff_key(Attributes::OF_USERS, [Attributes::ENTERPRISE => 1]);

        return self::all([
            self::schema(Attributes::USER, 'User', $users),
            self::schema(Attributes::GROUP, 'Group', Attributes::OF_GROUPS),
            self::schema(Attributes::ENTERPRISE, 'EnterpriseUser', ['department' => []]),
        ]);
    }

    /**
     * @param  array<string, list<string>>  $attributes
     * @return array<string, mixed>
     */
    private static function schema(string $id, string $name, array $attributes): array
    {
        $one = fn (string $attribute, array $parts): array => [
            'name' => $attribute, 'multiValued' => in_array($attribute, Attributes::SEVERAL, true),
            'type' => $parts !== [] ? 'complex'
                : (in_array($attribute, ['active', 'primary'], true) ? 'boolean' : 'string'),
            'required' => in_array($attribute, ['userName', 'displayName'], true) && $name !== 'User'
                || $attribute === 'userName',
            'caseExact' => in_array($attribute, ['id', 'externalId'], true),
            'mutability' => in_array($attribute, ['id', 'groups', 'meta'], true) ? 'readOnly' : 'readWrite',
            'returned' => $attribute === 'id' ? 'always' : 'default',
            'uniqueness' => $attribute === 'userName' ? 'server' : 'none',
        ];
        $told = [];
        foreach ($attributes as $attribute => $parts) {
            $told[] = $one($attribute, $parts) + ($parts === [] ? [] : ['subAttributes' => array_map(
                fn (string $part): array => $one($part, []), $parts,
            )]);
        }

        return ['schemas' => [self::SCHEMA.'Schema'], 'id' => $id, 'name' => $name, 'attributes' => $told];
    }

    /** @param  list<array<string, mixed>>  $resources */
    private static function all(array $resources): JsonResponse
    {
        return DirectoryAnswer::list($resources, count($resources), 1);
    }
}
