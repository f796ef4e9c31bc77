<?php

namespace Tests\Web;

use App\Auth\OpenId;
use App\Models\User;
use App\StandIns\OpenIdStandIn;
use Firebase\JWT\JWT;
use GuzzleHttp\Client;
use GuzzleHttp\ClientInterface;
use GuzzleHttp\Promise\FulfilledPromise;
use GuzzleHttp\Psr7\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Http\Message\RequestInterface;

/** Signing in with a provider: who it says somebody is, proved, for this application and this browser. */
final class OpenIdTest extends WebTestCase
{
    /** @var \Closure(array<string, mixed>): (array<string, mixed>|string)|null what becomes of the claims of a token */
    private ?\Closure $otherwise = null;

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
        config(['inky.oidc' => [
            'issuer' => OpenIdStandIn::issuer(), 'client_id' => 'inky', 'client_secret' => 'known-to-both',
            'label' => 'Quillfern',
        ]]);
        $this->app->when(OpenId::class)->needs(ClientInterface::class)
            ->give(fn () => new Client(['handler' => $this->provider(...)]));
        Auth::logout();
        $this->flushSession();
    }

    /** @param  array<string, mixed>  $options */
    private function provider(RequestInterface $request, array $options): FulfilledPromise
    {
        parse_str((string) $request->getBody(), $form);
        /** @var array<string, string> $form */
        $path = explode('/stand-ins/openid/', $request->getUri()->getPath())[1] ?? '';
        [$status, $body] = OpenIdStandIn::answer(
            $path, $form, $request->getHeaderLine('Authorization'),
        );
        if ($path === 'token' && $status === 200 && $this->otherwise !== null) {
            $claims = json_decode((string) base64_decode(strtr(explode('.', $body['id_token'])[1], '-_', '+/')), true);
            $token = ($this->otherwise)($claims);
            $body['id_token'] = is_string($token) ? $token : OpenIdStandIn::signed($token);
        }

        return new FulfilledPromise(new Response($status, [], (string) json_encode($body)));
    }

    /** @return string where the provider sends the browser back to */
    private function through(string $as): string
    {
        $there = (string) $this->get('/sign-in/with')->assertRedirect()->headers->get('Location');
        $this->assertStringStartsWith(OpenIdStandIn::issuer().'/authorize?', $there);
        $this->get($there)->assertOk()->assertSee('takes the place of a provider');

        return (string) $this->get("$there&as=".urlencode($as))->assertRedirect()->headers->get('Location');
    }

    public function test_a_member_signs_in_and_is_known_by_who_they_are_there_from_then_on(): void
    {
        $this->get('/sign-in')->assertSee('Sign in with Quillfern');
        $this->get($this->through('maren@quillfern.example'))->assertRedirect();
        $this->assertSame($this->maren->id, Auth::id());
        Auth::logout();
        // Their address may change on either side.
        $this->maren->forceFill(['email' => 'maren@elsewhere.example'])->save();
        $this->get($this->through('maren@quillfern.example'));
        $this->assertSame($this->maren->id, Auth::id());
        Auth::logout();
        $this->maren->forceFill(['second' => 'JBSWY3DPEHPK3PXP'])->save();
        $this->get($this->through('maren@quillfern.example'))->assertRedirect(route('sign-in.second'));
        $this->assertNull(Auth::id());
    }

    public function test_who_is_invited_comes_in_and_nobody_else(): void
    {
        $this->get($this->through('ines@quillfern.example'))->assertRedirect(route('sign-in'));
        $this->get('/sign-in')->assertSee('ask an owner of your workspace to invite you');
        DB::table('invitations')->insert(['workspace_id' => $this->workspace->id, 'role' => 'maker',
            'email' => 'ines@quillfern.example', 'sent_at' => (string) now()]);
        $this->get($this->through('ines@quillfern.example'));
        $this->assertSame('Ines', User::query()->find(Auth::id())?->name);
        $this->assertSame(0, DB::table('invitations')->count());
    }

    /** @return iterable<string, array{\Closure(array<string, mixed>): (array<string, mixed>|string), string}> */
    public static function otherwise(): iterable
    {
        $not = 'does not work just now';
        $code = fn (mixed $part): string => rtrim(strtr(base64_encode((string) json_encode($part)), '+/', '-_'), '=');
        yield 'for another application' => [fn (array $it) => ['aud' => 'other'] + $it, $not];
        yield 'for several, asked by another' => [
            fn (array $it) => ['aud' => ['inky', 'other'], 'azp' => 'other'] + $it, $not,
        ];
        yield 'of another provider' => [fn (array $it) => ['iss' => 'https://other.example'] + $it, $not];
        yield 'run out' => [fn (array $it) => ['exp' => time() - 3600] + $it, $not];
        yield 'of the future' => [fn (array $it) => ['iat' => time() + 3600] + $it, $not];
        yield 'for another browser' => [fn (array $it) => ['nonce' => 'x'] + $it, 'answered somebody else'];
        yield 'without a nonce' => [fn (array $it) => array_diff_key($it, ['nonce' => 0]), 'answered somebody else'];
        yield 'not proved' => [fn (array $it) => $code(['alg' => 'none']).'.'.$code($it).'.', $not];
        yield 'proved by a secret' => [fn (array $it) => JWT::encode($it, str_repeat('known', 20), 'HS256', 'stand-in'),
            $not];
        yield 'no token' => [fn (array $it) => 'x', $not];
        yield 'an address nobody looked after' => [fn (array $it) => ['email_verified' => false] + $it,
            'which mail address is yours'];
    }

    /** @param  \Closure(array<string, mixed>): (array<string, mixed>|string)  $otherwise */
    #[DataProvider('otherwise')]
    public function test_what_is_not_proved_lets_nobody_in(\Closure $otherwise, string $says): void
    {
        $back = $this->through('maren@quillfern.example');
        $this->otherwise = $otherwise;
        $this->get($back)->assertRedirect(route('sign-in'));
        $this->get('/sign-in')->assertSee($says);
        $this->assertNull(Auth::id());
    }

    public function test_a_way_back_is_of_the_browser_that_went_and_goes_once(): void
    {
        $back = $this->through('maren@quillfern.example');
        $this->flushSession();
        $this->get($back)->assertRedirect(route('sign-in'));
        $this->assertNull(Auth::id());
        $back = $this->through('maren@quillfern.example');
        $this->get(preg_replace('/state=\w+/', 'state=x', $back) ?? '');
        $this->assertNull(Auth::id());
        $this->get($back);
        $this->assertNull(Auth::id(), 'one try a way');
        $this->get('/sign-in/with');
        $this->get('/sign-in/with/back?error=access_denied&state='.session('openid')['state']);
        $this->get('/sign-in')->assertSee('did not let you in');
        $back = $this->through('maren@quillfern.example');
        $this->get(preg_replace('/code=\w+/', 'code=x', $back) ?? '')->assertRedirect(route('sign-in'));
        $this->assertNull(Auth::id());
    }

    public function test_without_a_provider_there_is_no_door(): void
    {
        config(['inky.oidc.issuer' => null]);
        $this->get('/sign-in')->assertDontSee('Sign in with');
        $this->get('/sign-in/with')->assertNotFound();
        $this->get('/sign-in/with/back')->assertNotFound();
        config(['inky.oidc.issuer' => 'https://nobody.example']);
        Cache::flush();
        $this->get('/sign-in/with')->assertRedirect(route('sign-in'));
    }
}
