<?php

namespace App\Auth;

use Firebase\JWT\JWK;
use Firebase\JWT\JWT;
use Firebase\JWT\Key;
use GuzzleHttp\ClientInterface;
use GuzzleHttp\Exception\GuzzleException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use InkyCard\Refusal;
use League\OAuth2\Client\OptionProvider\HttpBasicAuthOptionProvider;
use League\OAuth2\Client\OptionProvider\PostAuthOptionProvider;
use League\OAuth2\Client\Provider\Exception\IdentityProviderException;
use League\OAuth2\Client\Provider\GenericProvider;

/**
 * Signing in with a provider that is configured: OpenID Connect Core 1.0, by Authorization Code with PKCE (RFC 7636).
 * What it says is believed as far as its keys prove it, for this application, and for the browser that asked.
 */
final readonly class OpenId
{
    /** In the session: what was sent along, and comes back. */
    private const KEY = 'openid';

    /** Seconds it may take to sign in there, and clocks may differ. */
    private const SPAN = 900;

    private const LEEWAY = 60;

    /** Seconds what it says of itself is kept. */
    private const KEPT = 3600;

    public function __construct(private ClientInterface $http)
    {
    }

    /** What it is called on the way there; null where none is configured. */
    public static function label(): ?string
    {
        return config('inky.oidc.issuer') ? (string) config('inky.oidc.label') : null;
    }

    /** Where a browser goes to sign in. @throws Refusal */
    public function begin(Request $request): string
    {
        $provider = $this->provider();
        $nonce = Str::random(32);
        $address = $provider->getAuthorizationUrl([
            'scope' => 'openid email profile', 'nonce' => $nonce, 'approval_prompt' => null,
        ]);
        $request->session()->put(self::KEY, [
            'state' => $provider->getState(), 'nonce' => $nonce, 'verifier' => (string) $provider->getPkceCode(),
            'until' => now()->getTimestamp() + self::SPAN,
        ]);

        return $address;
    }

    /** Who came back. @throws Refusal */
    public function who(Request $request): ProvenIdentity
    {
        $sent = (array) $request->session()->pull(self::KEY) + [
            'state' => '', 'nonce' => '', 'verifier' => '', 'until' => 0,
        ];
        $state = (string) $request->string('state');
        if ($sent['state'] === '' || ! hash_equals($sent['state'], $state) || $sent['until'] < now()->getTimestamp()) {
            throw Refusal::because('That took too long, or began in another browser: once more, please.');
        }
        if (! $request->filled('code') || (string) $request->string('iss', self::issuer()) !== self::issuer()) {
            throw Refusal::because(':label did not let you in.', values: ['label' => (string) self::label()]);
        }
        $provider = $this->provider();
        $provider->setPkceCode($sent['verifier']);
        try {
            $token = $provider->getAccessToken('authorization_code', ['code' => (string) $request->string('code')]);
        } catch (IdentityProviderException|GuzzleException|\UnexpectedValueException $fault) {
            throw self::failed($fault);
        }
        $claims = $this->claims((string) ($token->getValues()['id_token'] ?? ''));
        if (! is_string($claims['nonce'] ?? null) || ! hash_equals($sent['nonce'], $claims['nonce'])) {
            throw Refusal::because(':label answered somebody else.', values: ['label' => (string) self::label()]);
        }
        $text = fn (string $claim): string => is_string($claims[$claim] ?? null) ? $claims[$claim] : '';

        return new ProvenIdentity(
            self::issuer(), $text('sub'), $text('email'), ($claims['email_verified'] ?? false) === true, $text('name'),
        );
    }

    /**
     * What an ID token says, as OpenID Connect Core 1.0, 3.1.3.7 has it proved.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function claims(string $token): array
    {
        $client = (string) config('inky.oidc.client_id');
        JWT::$leeway = self::LEEWAY;
        JWT::$timestamp = now()->getTimestamp();
        try {
            $claims = (array) $this->proved($token);
        } catch (\UnexpectedValueException|\DomainException|\InvalidArgumentException $fault) {
            throw self::failed($fault);
        }
        $for = (array) ($claims['aud'] ?? []);
        $isOurs = ($claims['iss'] ?? '') === self::issuer() && in_array($client, $for, true)
            && (count($for) === 1 || ($claims['azp'] ?? '') === $client)
            && isset($claims['exp'], $claims['sub']);

        return $isOurs ? $claims : throw self::failed(new \DomainException('The ID token is for somebody else.'));
    }

    /** Its keys change: one that is not known yet is asked for once more. */
    private function proved(string $token): \stdClass
    {
        $keys = fn (): array => JWK::parseKeySet($this->said('jwks_uri'), 'RS256');
        $kid = json_decode((string) base64_decode(strtr(explode('.', $token)[0], '-_', '+/'), true))->kid ?? '';
        $known = $keys();
        if (is_string($kid) && ! isset($known[$kid]) && Cache::add('openid.again', 1, self::LEEWAY)) {
            Cache::forget('openid.'.sha1((string) $this->about()['jwks_uri']));
            $known = $keys();
        }

        return JWT::decode($token, array_filter(
            // A secret both sides know proves nothing here: whoever knows it could have written the token.
            $known, fn (Key $key): bool => ! str_starts_with($key->getAlgorithm(), 'HS'),
        ));
    }

    /** @throws Refusal */
    private function provider(): GenericProvider
    {
        $about = $this->about();
        // Left out, it is the first (OpenID Connect Discovery 1.0, 3).
        $ways = (array) ($about['token_endpoint_auth_methods_supported'] ?? ['client_secret_basic']);

        return new GenericProvider([
            'clientId' => config('inky.oidc.client_id'), 'clientSecret' => config('inky.oidc.client_secret'),
            'redirectUri' => route('sign-in.with.back'), 'urlAuthorize' => $about['authorization_endpoint'],
            'urlAccessToken' => $about['token_endpoint'], 'urlResourceOwnerDetails' => '',
            'pkceMethod' => GenericProvider::PKCE_METHOD_S256,
        ], [
            'httpClient' => $this->http,
            'optionProvider' => in_array('client_secret_post', $ways, true) ? new PostAuthOptionProvider
                : new HttpBasicAuthOptionProvider,
        ]);
    }

    /** @return array<string, mixed> what it says of itself @throws Refusal */
    private function about(): array
    {
        $about = $this->fetched(self::issuer().'/.well-known/openid-configuration');
        foreach (['authorization_endpoint', 'token_endpoint', 'jwks_uri'] as $needed) {
            is_string($about[$needed] ?? null) || throw self::failed(new \DomainException("It says no $needed."));
        }

        return ($about['issuer'] ?? '') === self::issuer() ? $about
            : throw self::failed(new \DomainException('It says that it is another issuer.'));
    }

    /** @return array<string, mixed> what stands at an address it names @throws Refusal */
    private function said(string $what): array
    {
        return $this->fetched((string) $this->about()[$what]);
    }

    /** @return array<string, mixed> @throws Refusal */
    private function fetched(string $address): array
    {
        try {
            return (array) Cache::remember('openid.'.sha1($address), self::KEPT, fn (): array => (array) json_decode(
                (string) $this->http->request('GET', $address)->getBody(), true, 32, JSON_THROW_ON_ERROR,
            ));
        } catch (GuzzleException|\JsonException $fault) {
            throw self::failed($fault);
        }
    }

    private static function issuer(): string
    {
        return rtrim((string) config('inky.oidc.issuer'), '/');
    }

    /** Its reason is for who looks after this copy. */
    private static function failed(\Throwable $fault): Refusal
    {
        Log::warning('Signing in with '.self::issuer().': '.$fault->getMessage());

        return Refusal::because(
            'Signing in with :label does not work just now: sign in another way.',
            values: ['label' => (string) self::label()],
        );
    }
}
