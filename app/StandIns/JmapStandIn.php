<?php

namespace App\StandIns;

use Illuminate\Support\Facades\Cache;

/**
 * A stand-in for a mailbox that speaks JMAP (RFC 8620, 8621): the session,
 * `Core/echo`, and `Identity/get` and `Identity/set` for two addresses.
 */
final class JmapStandIn
{
    public const HOST = 'mail.quillfern.example';

    public const TOKEN = 'quillfern-demo';

    /** Characters of a signature. */
    private const MOST = 50_000;

    private const API = 'stand-ins/jmap/api';

    private const SESSIONS = ['.well-known/jmap', 'stand-ins/jmap/session'];

    private const ERROR = 'urn:ietf:params:jmap:error:';

    private const LIMITS = [
        'maxSizeRequest' => 1_000_000, 'maxCallsInRequest' => 16, 'maxObjectsInGet' => 500, 'maxObjectsInSet' => 500,
        'maxConcurrentRequests' => 4, 'maxSizeUpload' => 0, 'maxConcurrentUpload' => 0, 'collationAlgorithms' => [],
    ];

    private const CORE = 'urn:ietf:params:jmap:core';

    private const SUBMISSION = 'urn:ietf:params:jmap:submission';

    private const ACCOUNT = 'studio';

    private const KEPT = 'stand-in.jmap';

    /** @return array{int, array<string, mixed>} status, body */
    public static function answer(string $path, string $authorization, ?string $body): array
    {
        return match (true) {
            $authorization !== 'Bearer '.self::TOKEN => self::fault(401),
            in_array($path, self::SESSIONS, true) => [200, self::session()],
            $path !== self::API || $body === null => self::fault(404),
            default => self::called(json_decode($body, true, 32)),
        };
    }

    /** @return array{int, array<string, mixed>} */
    private static function called(mixed $request): array
    {
        if (! is_array($request)) {
            return self::fault(400, self::ERROR.'notJSON');
        }
        if (! is_array($request['using'] ?? null) || ! is_array($request['methodCalls'] ?? null)) {
            return self::fault(400, self::ERROR.'notRequest');
        }
        $using = array_map(fn ($one) => is_string($one) ? $one : '', $request['using']);
        if (array_diff($using, [self::CORE, self::SUBMISSION]) !== []) {
            return self::fault(400, self::ERROR.'unknownCapability');
        }

        return [200, ['methodResponses' => array_map(function ($call): array {
            [$method, $arguments, $id] = array_pad(is_array($call) ? array_values($call) : [], 3, '');

            return [...self::method($method, is_array($arguments) ? $arguments : []), $id];
        }, $request['methodCalls']), 'sessionState' => '0']];
    }

    /** @return array{int, array<string, mixed>} */
    private static function fault(int $status, string $type = 'about:blank'): array
    {
        return [$status, ['type' => $type, 'status' => $status]];
    }

    /** @return array<string, mixed> RFC 8620, 2 */
    private static function session(): array
    {
        return [
            'capabilities' => [self::CORE => self::LIMITS, self::SUBMISSION => [
                'maxDelayedSend' => 0, 'submissionExtensions' => (object) [],
            ]],
            'accounts' => [self::ACCOUNT => [
                'name' => 'Stand-in of Quillfern Garden Studio', 'isPersonal' => true, 'isReadOnly' => false,
                'accountCapabilities' => [self::SUBMISSION => (object) []],
            ]],
            'primaryAccounts' => [self::SUBMISSION => self::ACCOUNT],
            'username' => 'maren@quillfern.example', 'apiUrl' => 'https://'.self::HOST.'/'.self::API,
            'downloadUrl' => '', 'uploadUrl' => '', 'eventSourceUrl' => '', 'state' => '0',
        ];
    }

    /**
     * @param  array<mixed>  $arguments
     * @return array{string, mixed} name, arguments of the response
     */
    private static function method(mixed $method, array $arguments): array
    {
        if ($method === 'Core/echo') {
            return ['Core/echo', (object) $arguments];
        }
        if ($method !== 'Identity/get' && $method !== 'Identity/set') {
            return ['error', ['type' => 'unknownMethod']];
        }
        if (($arguments['accountId'] ?? '') !== self::ACCOUNT) {
            return ['error', ['type' => 'accountNotFound']];
        }

        return [
            $method,
            $method === 'Identity/get'
                ? self::get($arguments['ids'] ?? null)
                : self::set((array) ($arguments['update'] ?? [])),
        ];
    }

    /** @return array<string, mixed> */
    private static function get(mixed $ids): array
    {
        $identities = self::identities();
        $asked = is_array($ids) ? array_values(array_filter($ids, is_string(...))) : array_keys($identities);

        return [
            'accountId' => self::ACCOUNT, 'state' => md5(serialize($identities)),
            'list' => array_values(array_intersect_key($identities, array_flip($asked))),
            'notFound' => array_values(array_diff($asked, array_keys($identities))),
        ];
    }

    /**
     * @param  array<mixed>  $update
     * @return array<string, mixed>
     */
    private static function set(array $update): array
    {
        $identities = self::identities();
        $old = md5(serialize($identities));
        $updated = $not = [];
        foreach ($update as $id => $changes) {
            $changes = is_array($changes) ? $changes : [];
            $odd = array_keys(
                array_filter(
                    $changes,
                    fn ($value, $key) => ! in_array($key, ['name', 'textSignature', 'htmlSignature'], true)
                        || ! is_string($value),
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            if (! isset($identities[$id])) {
                $not[$id] = ['type' => 'notFound'];
            } elseif ($odd !== []) {
                $not[$id] = ['type' => 'invalidProperties', 'properties' => $odd];
            } elseif (mb_strlen(implode('', $changes)) > self::MOST) {
                $not[$id] = ['type' => 'tooLarge'];
            } else {
                $identities[$id] = $changes + $identities[$id];
                $updated[$id] = null;
            }
        }
        Cache::forever(self::KEPT, $identities);

        return [
            'accountId' => self::ACCOUNT, 'oldState' => $old, 'newState' => md5(serialize($identities)),
            'updated' => $updated === [] ? null : $updated, 'notUpdated' => $not === [] ? null : $not,
            'created' => null, 'notCreated' => null, 'destroyed' => null, 'notDestroyed' => null,
        ];
    }

    /** @return array<array-key, array<string, mixed>> */
    private static function identities(): array
    {
        $kept = Cache::get(self::KEPT);
        if (is_array($kept)) {
            return $kept;
        }
        $one = fn (string $id, string $name, string $email, string $text): array => [
            'id' => $id, 'name' => $name, 'email' => $email, 'replyTo' => null, 'bcc' => null, 'textSignature' => $text,
            'htmlSignature' => $text === '' ? '' : "<p>$text</p>", 'mayDelete' => false,
        ];

        return [
            'i1' => $one('i1', 'Maren Oakhollow', 'maren@quillfern.example', 'Maren Oakhollow, Quillfern'),
            'i2' => $one('i2', 'Quillfern Garden Studio', 'hello@quillfern.example', ''),
        ];
    }
}
