<?php

namespace App\StandIns;

use Firebase\JWT\JWT;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;

/**
 * A stand-in for a provider of OpenID Connect: anybody may be anybody there, so it says addresses under .example alone,
 * which are nobody's. Authorization Code with PKCE (RFC 7636), ID tokens signed by RS256.
 */
final class OpenIdStandIn
{
    /** Seconds a code and an ID token are good for. */
    private const SPAN = 300;

    private const KID = 'stand-in';

    /**
     * @param  string  $path  below its address
     * @param  array<string, string>  $given  query or form
     * @return array{int, array<string, mixed>} status, body; of 302, `to`; of `authorize` without `as`, none
     */
    public static function answer(string $path, array $given, string $authorization = ''): array
    {
        return match ($path) {
            '.well-known/openid-configuration' => [200, self::about()],
            'keys' => [200, ['keys' => [self::publicKey()]]],
            'authorize' => self::authorize($given),
            'token' => self::token($given, $authorization),
            default => [404, ['error' => 'not_found']],
        };
    }

    /** @return array<string, mixed> */
    private static function about(): array
    {
        $issuer = self::issuer();

        return [
            'issuer' => $issuer, 'authorization_endpoint' => "$issuer/authorize",
            'token_endpoint' => "$issuer/token", 'jwks_uri' => "$issuer/keys",
            'response_types_supported' => ['code'], 'subject_types_supported' => ['public'],
            'id_token_signing_alg_values_supported' => ['RS256'],
            'scopes_supported' => ['openid', 'email', 'profile'],
            'code_challenge_methods_supported' => ['S256'],
            'token_endpoint_auth_methods_supported' => ['client_secret_basic'],

        ];
    }

    public static function issuer(): string
    {
        return url('/stand-ins/openid');
    }

    /**
     * @param  array<string, string>  $given
     * @return array{int, array<string, mixed>}
     */
    private static function authorize(array $given): array
    {
        $who = $given['as'] ?? '';
        if (($given['response_type'] ?? '') !== 'code' || ($given['code_challenge_method'] ?? '') !== 'S256'
            || ! str_contains($given['scope'] ?? '', 'openid')) {
            return [400, ['error' => 'invalid_request']];
        }
        if (! str_ends_with($who, '.example')) {
            return [200, []];
        }
        $code = Str::random(40);
        Cache::put("stand-in.openid.$code", $given, self::SPAN);

        return [302, ['to' => $given['redirect_uri'].'?'.http_build_query([
            'code' => $code, 'state' => $given['state'] ?? '', 'iss' => self::issuer(),
        ])]];
    }

    /**
     * @param  array<string, string>  $given
     * @return array{int, array<string, mixed>}
     */
    private static function token(array $given, string $authorization): array
    {
        $asked = Cache::pull('stand-in.openid.'.($given['code'] ?? ''));
        $proof = rtrim(strtr(base64_encode(hash('sha256', $given['code_verifier'] ?? '', true)), '+/', '-_'), '=');
        $client = explode(':', (string) base64_decode(Str::after($authorization, 'Basic '), true))[0];
        if (! is_array($asked) || $asked['code_challenge'] !== $proof || $asked['client_id'] !== $client
            || $asked['redirect_uri'] !== ($given['redirect_uri'] ?? '')) {
            return [400, ['error' => 'invalid_grant']];
        }

        return [200, ['access_token' => Str::random(20), 'token_type' => 'Bearer', 'id_token' => self::signed([
            'sub' => sha1($asked['as']), 'aud' => $client, 'nonce' => $asked['nonce'] ?? '', 'email' => $asked['as'],
            'email_verified' => true, 'name' => Str::headline(Str::before($asked['as'], '@')),
        ])]];
    }

    /** @param  array<string, mixed>  $claims */
    public static function signed(array $claims): string
    {
        $now = now()->getTimestamp();

        return JWT::encode(
            $claims + ['iss' => self::issuer(), 'iat' => $now, 'exp' => $now + self::SPAN], self::key(), 'RS256',
            self::KID,
        );
    }

    private static function key(): \OpenSSLAsymmetricKey
    {
        $pem = Cache::rememberForever('stand-in.openid.key', function (): string {
            $key = openssl_pkey_new(['private_key_bits' => 2048, 'private_key_type' => OPENSSL_KEYTYPE_RSA]);
            openssl_pkey_export($key ?: throw new \RuntimeException('No key.'), $pem);

            return $pem;
        });

        return openssl_pkey_get_private($pem) ?: throw new \RuntimeException('No key.');
    }

    /** @return array<string, string> */
    private static function publicKey(): array
    {
        $of = (array) openssl_pkey_get_details(self::key());
        $text = fn (string $bytes): string => rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');

        return ['kty' => 'RSA', 'use' => 'sig', 'alg' => 'RS256', 'kid' => self::KID, 'n' => $text($of['rsa']['n']),
            'e' => $text($of['rsa']['e'])];
    }
}
