<?php

namespace App\Jmap;

use App\Outside\SafeHttpClient;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;

/**
 * A mailbox that speaks JMAP: the identities it sends as, and the signatures
 * under them (RFC 8620; RFC 8621, 6).
 */
final class Mailbox
{
    private const CORE = 'urn:ietf:params:jmap:core';

    private const SUBMISSION = 'urn:ietf:params:jmap:submission';

    private const MOST = 1_000_000;

    /** Identities looked at: mailboxes have a few. */
    private const IDENTITIES = 200;

    private function __construct(
        private readonly SafeHttpClient $outside,
        private readonly string $token,
        public readonly string $server,
        private readonly string $api,
        private readonly string $account,
    ) {
    }

    /**
     * @param  mixed  $server  a host or the address of the session resource
     * @param  mixed  $token  for the Authorization header, `Bearer`
     *
     * @throws Refusal with the field it is about
     */
    public static function open(SafeHttpClient $outside, mixed $server, mixed $token): self
    {
        $address = Refusal::at('/server', fn () => WebAddress::parse($server, inside: true)->address);
        if (! str_starts_with($address, 'https://')) {
            throw Refusal::because('A token is sent over https alone.', '/server');
        }
        if (! is_string($token) || preg_match('/^[\x21-\x7e]{4,1000}$/D', trim($token)) !== 1) {
            throw Refusal::because(
                'Give the token your mailbox made for this: letters, digits and signs without spaces.',
                '/token',
            );
        }
        $address = in_array((string) parse_url($address, PHP_URL_PATH), ['', '/'], true)
            ? rtrim($address, '/').'/.well-known/jmap'
            : $address;
        [$session, $address] = self::asked($outside, $address, trim($token), null);
        $account = $session['primaryAccounts'][self::SUBMISSION] ?? null;
        $api = $session['apiUrl'] ?? null;
        // Some name the path alone, as seen with Cyrus 3.6.
        $api = is_string($api) ? WebAddress::absolute($api, $address) : null;
        if (! is_string($account) || $api === null || ! str_starts_with($api, 'https://')) {
            throw Refusal::because('This mailbox cannot change signatures over JMAP.', '/server');
        }

        return new self($outside, trim($token), $address, $api, $account);
    }

    /**
     * @return list<Identity>
     *
     * @throws Refusal
     */
    public function identities(): array
    {
        $identities = [];
        foreach (
            array_slice((array) ($this->call('Identity/get', ['ids' => null])['list'] ?? []), 0,
                self::IDENTITIES) as $one
        ) {
            if (is_array($one) && is_string($one['id'] ?? null) && is_string($one['email'] ?? null)) {
                $words = fn (string $key): string => is_string($one[$key] ?? null) ? $one[$key] : '';
                $identities[] = new Identity(
                    $one['id'], $words('name'), $one['email'] ?: $one['id'], $words('htmlSignature'),
                    $words('textSignature'),
                );
            }
        }

        return $identities;
    }

    /** @throws Refusal */
    public function place(string $identity, string $html, string $text): void
    {
        $answer = $this->call('Identity/set', [
            'update' => [$identity => ['htmlSignature' => $html, 'textSignature' => $text]],
        ]);
        if (! array_key_exists($identity, (array) ($answer['updated'] ?? []))) {
            $why = $answer['notUpdated'][$identity]['type'] ?? '';

            throw Refusal::because(match ($why) {
                'notFound' => 'This address is not in the mailbox any more.',
                'forbidden' => 'This token may not change signatures.',
                'tooLarge' => 'The mailbox finds the card too long: take pieces off, or have pictures fetched.',
                default => 'The mailbox did not take it'.(is_string($why) && $why !== '' ? " ($why)" : '').'.',
            });
        }
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return array<mixed>
     *
     * @throws Refusal
     */
    private function call(string $method, array $arguments): array
    {
        [$answer] = self::asked($this->outside, $this->api, $this->token, [
            'using' => [self::CORE, self::SUBMISSION],
            'methodCalls' => [[$method, ['accountId' => $this->account] + $arguments, 'a']],
        ]);
        $response = $answer['methodResponses'][0] ?? null;
        if (($response[1]['type'] ?? '') === 'unknownMethod') {
            throw Refusal::because(
                'This mailbox shows its signatures and cannot change them over JMAP: its server lacks '
                    .':method. Copy the card and paste it there.',
                values: ['method' => $method],
            );
        }
        if (! is_array($response) || ($response[0] ?? '') !== $method || ! is_array($response[1] ?? null)) {
            throw Refusal::because(
                'The mailbox answered otherwise than JMAP has it:part.',
                values: ['part' => is_string($response[1]['type'] ?? null) ? " ({$response[1]['type']})" : ''],
            );
        }

        return $response[1];
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{array<mixed>, string} the answer, and the address it came from
     *
     * @throws Refusal
     */
    private static function asked(SafeHttpClient $outside, string $address, string $token, ?array $body): array
    {
        $fetched = Refusal::at(
            '/server',
            fn () => $outside->ask(
                $address,
                $token,
                $body === null
                    ? null
                    : (string) json_encode(
                        $body,
                        JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
                    ),
                self::MOST,
            ),
        );
        $answer = json_decode($fetched->bytes, true, 32);

        return match (true) {
            in_array($fetched->status, [401, 403], true) => throw Refusal::because(
                'The mailbox does not know this token, or it may not change signatures.',
                '/token',
            ),
            $fetched->status !== 200 => throw Refusal::because(
                'There is no JMAP at this address: it answered with :status.',
                '/server', ['status' => $fetched->status],
            ),
            ! is_array($answer) => throw Refusal::because('There is no JMAP at this address.', '/server'),
            default => [$answer, $fetched->address],
        };
    }
}
